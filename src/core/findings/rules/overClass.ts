import type { PostPlan } from '../../post/postPlan';
import type { PostRemedy } from '../../post/postRemedy';
import type { Post } from '../../plan/post';
import type { Remedy } from '../remedy';
import { cardSubject } from '../subject';
import type { Rule } from '../finding';

/** The card is beyond the class of mail it was to go by. */
export const overClass: Rule = {
  id: 'over-class',
  find: ({ plan, card, results }) => {
    const { wanted } = plan.post;
    const { post } = results;
    if (!wanted || !post) return [];
    const scheme = post.plan.schemes.find(({ of }) => of.id === wanted.scheme);
    const judged = scheme?.classes.find(({ of }) => of.id === wanted.class);
    if (!scheme || judged?.stands !== 'beyond' || isCheaper(post.plan, wanted)) return [];
    return [
      {
        severity: 'look',
        subject: cardSubject(card),
        data: { rule: 'over-class', scheme: scheme.of.name, class: judged },
        remedies: post.remedies.filter((each) => bringsBack(each, wanted, post.plan)).map(asRemedy),
      },
    ];
  },
};

type Wanted = NonNullable<Post['wanted']>;

function rankOf({ schemes }: PostPlan, { scheme, class: id }: Wanted): number {
  const of = schemes.find((each) => each.of.id === scheme)?.of;
  return of?.classes.findIndex((each) => each.id === id) ?? -1;
}

/** A card too small for the class wanted may go by a cheaper one. */
function isCheaper(post: PostPlan, wanted: Wanted): boolean {
  const cheapest = post.schemes.find(({ of }) => of.id === wanted.scheme)?.cheapest;
  if (!cheapest) return false;
  return rankOf(post, { ...wanted, class: cheapest.of.id }) < rankOf(post, wanted);
}

function bringsBack({ cheaper }: PostRemedy, wanted: Wanted, post: PostPlan): boolean {
  const id = cheaper[wanted.scheme];
  return id !== undefined && rankOf(post, { ...wanted, class: id }) <= rankOf(post, wanted);
}

function asRemedy({ deeds, height, edit }: PostRemedy): Remedy {
  return { id: 'cheaper-post', deeds, height, edit };
}
