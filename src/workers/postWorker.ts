import { keepAlike } from '../core/compute/keepAlike';
import { postRemedies } from '../core/compute/postRemedies';
import { heightAreas } from '../core/post/heightAreas';
import { houseSchemes } from '../core/post/mail/houseSchemes';
import { postPlan } from '../core/post/postPlan';
import type { PostRemedy } from '../core/post/postRemedy';
import { resolvePlan } from '../core/resolve/resolvePlan';
import { answerInTurn } from './answerInTurn';
import type { PostQuestion, PostReply } from './postMessages';

let last: Pick<PostQuestion, 'plan' | 'library'> | undefined;

answerInTurn(function* answer({
  number,
  holdings,
  mail,
  ...asked
}: PostQuestion): Generator<PostReply | undefined, void> {
  // Pieces and items that stayed as they are stay the same objects, so that what is known of their outlines is kept.
  const { plan, library } = keepAlike(last, asked);
  last = { plan, library };
  const schemes = houseSchemes(mail);
  const post = postPlan(plan, resolvePlan(plan, library), library, holdings, schemes);
  yield { kind: 'post', number, post, areas: heightAreas(post.map) };
  const remedies: PostRemedy[] = [];
  for (const remedy of postRemedies({ plan, library, holdings, schemes }, post)) {
    if (remedy) remedies.push(remedy);
    yield undefined;
  }
  yield { kind: 'remedies', number, remedies };
});
