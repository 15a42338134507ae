import { describe, expect, it } from 'vitest';
import {
  bowAt,
  dotOn,
  library,
  measure,
  pieceOn,
  planOf,
  ribbonOn,
} from '../../../../test/support/plans';
import { apply } from '../../../../test/support/edits';
import { must } from '../../../../test/support/must';
import { postRemedies } from '../../compute/postRemedies';
import { postRules } from '../../compute/rules/postRules';
import { inches, millimetres } from '../../length/length';
import { asTyped } from '../../length/typedLength';
import type { Plan } from '../../plan/plan';
import type { Post } from '../../plan/post';
import { postPlan } from '../../post/postPlan';
import { resolvePlan } from '../../resolve/resolvePlan';
import { noResults, type Finding } from '../finding';
import { runRules } from '../runRules';

const withPost = (plan: Plan, change: Partial<Post>): Plan => ({
  ...plan,
  post: { ...plan.post, ...change },
});

function found(plan: Plan): readonly Finding[] {
  const card = resolvePlan(plan, library);
  const post = postPlan(plan, card, library, []);
  const remedies = [...postRemedies({ plan, library, holdings: [] }, post)].flatMap(
    (each) => each ?? [],
  );
  const results = { ...noResults, post: { plan: post, remedies } };
  return runRules(postRules, { plan, card, library, results });
}

const rulesOf = (plan: Plan) => found(plan).map(({ data }) => data.rule);

const gemOnFoam = () =>
  planOf([
    pieceOn('front', 'frame', measure('4', '5'), { attach: 'foam' }),
    pieceOn('frame', 'panel', measure('3', '4'), { attach: 'foam' }),
    dotOn('panel', 'gem'),
  ]);

describe('a card beyond the class wanted', () => {
  const wanted = { scheme: 'uk', class: 'uk-letter' } as const;

  it('is told with what brings it back, and each of that does', () => {
    const plan = withPost(gemOnFoam(), { wanted });
    const over = must(found(plan).find(({ data }) => data.rule === 'over-class'));
    expect(over.remedies.length).toBeGreaterThan(1);
    for (const { edit } of over.remedies)
      expect(rulesOf(apply(plan, edit))).not.toContain('over-class');
  });

  it('is not told where none is wanted, a dearer one is, or it goes by a cheaper one', () => {
    expect(rulesOf(gemOnFoam())).not.toContain('over-class');
    const dearer = { scheme: 'uk', class: 'uk-large-letter' } as const;
    expect(rulesOf(withPost(gemOnFoam(), { wanted: dearer }))).not.toContain('over-class');
    expect(rulesOf(withPost(planOf([]), { wanted: dearer }))).not.toContain('over-class');
  });
});

describe('an envelope', () => {
  it('that does not go round card and height is told, and the smallest that does is taken', () => {
    const plan = withPost(gemOnFoam(), { envelope: { by: 'standard', id: 'a2-envelope' } });
    const small = must(found(plan).find(({ data }) => data.rule === 'envelope-small'));
    // 6.2 mm high, and 0.4 mm of room: 1/4 in along and 1/8 in across are not enough.
    expect(small.data).toMatchObject({
      name: 'A2 envelope',
      long: millimetres(6.6) - inches(0, 1, 4),
      short: millimetres(6.6) - inches(0, 1, 8),
    });
    const [remedy] = small.remedies;
    expect(rulesOf(apply(plan, remedy?.edit))).not.toContain('envelope-small');
  });

  it('that there is none of is told with the least that would do, and a box is made', () => {
    const ticks = asTyped(inches(20));
    const size = { width: ticks, height: ticks };
    const huge = planOf([], { format: { kind: 'custom', size } });
    const none = must(found(huge).find(({ data }) => data.rule === 'envelope-small'));
    expect(none.data).toMatchObject({ name: undefined });
    const boxed = apply(huge, none.remedies[0]?.edit);
    expect(boxed.post.envelope).toMatchObject({ by: 'made', kind: 'box', stock: { id: 'chalk' } });
    expect(rulesOf(boxed)).not.toContain('envelope-small');
  });

  it('so square that it is surcharged is told to those who post in the United States', () => {
    const square = withPost(planOf([]), { envelope: { by: 'standard', id: 'square-6-1/2' } });
    expect(rulesOf(square)).toContain('square-post');
    const elsewhere = { scheme: 'germany', class: 'germany-maxi' } as const;
    expect(rulesOf(withPost(square, { wanted: elsewhere }))).not.toContain('square-post');
    expect(rulesOf(planOf([]))).toEqual([]);
  });
});

describe('a card for a child under three', () => {
  it('has no small part: gems, springs and what is noted', () => {
    const spring = pieceOn('front', 'wren', measure('2', '2'), {
      motion: { kind: 'wobbler', spring: asTyped(inches(0, 1, 2)) },
    });
    const plan = withPost(planOf([spring, dotOn('front', 'gem')]), { forChild: true });
    const parts = found(plan).filter(({ data }) => data.rule === 'small-parts');
    expect(parts.map(({ data }) => data)).toEqual([
      { rule: 'small-parts', part: 'gem' },
      { rule: 'small-parts', part: 'spring' },
    ]);
    expect(parts.every(({ severity }) => severity === 'stop')).toBe(true);
    const without = apply(plan, parts[0]?.remedies[0]?.edit);
    expect(rulesOf(without).filter((rule) => rule === 'small-parts')).toHaveLength(1);
    expect(rulesOf(withPost(plan, { forChild: false }))).not.toContain('small-parts');
  });

  it('goes in a box where a bow or a spring stands up, or its bow is tied flat', () => {
    const figure = pieceOn('front', 'wren', measure('2', '2'), {
      motion: { kind: 'wobbler', spring: asTyped(inches(0, 1, 2)) },
    });
    const plan = planOf([figure, ribbonOn('front', 'ribbon', { bow: bowAt('50 mm') })]);
    const of = (now: Plan) => found(now).filter(({ data }) => data.rule === 'crushed');
    const [bow, spring] = of(plan);
    expect([bow?.data, spring?.data]).toEqual([
      { rule: 'crushed', what: 'bow' },
      { rule: 'crushed', what: 'spring' },
    ]);
    expect(of(apply(plan, bow?.remedies[0]?.edit)).map(({ data }) => data)).toEqual([spring?.data]);
    expect(of(apply(plan, spring?.remedies[0]?.edit))).toEqual([]);
    const knot = ribbonOn('front', 'ribbon', { bow: bowAt('50 mm', { look: 'knot' }) });
    expect(of(planOf([knot]))).toEqual([]);
  });
});
