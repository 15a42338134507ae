import { pieceOn, reveal, measure, planOf } from './plans';
import { applyEdit } from '../../src/core/plan/applyEdit';
import { type Edit } from '../../src/core/plan/edit';
import { type PieceId } from '../../src/core/plan/ids';
import { type Plan } from '../../src/core/plan/plan';

export const apply = (plan: Plan, edit: Edit | undefined): Plan => {
  const outcome = edit && applyEdit(plan, edit);
  if (!outcome?.ok) throw new Error(`apply: ${JSON.stringify(outcome)}`);
  return outcome.plan;
};

export const order = (plan: Plan) =>
  plan.pieces.map(({ id: own, on }) => `${own}>${'piece' in on ? on.piece : on.face}`).join(' ');

export const after = (plan: Plan, edit: Edit | undefined): Plan => {
  const outcome = edit && applyEdit(plan, edit);
  if (!outcome?.ok) throw new Error('after: the edit does not apply');
  return outcome.plan;
};

export const id = (text: string) => text as PieceId;

export const onOf = (plan: Plan) =>
  plan.pieces.map(({ id: own, on }) => `${own} on ${'face' in on ? on.face : on.piece}`);

/** A bird and a balloon that go together, the balloon on the bird. */
export const pair = planOf([
  pieceOn('front', 'paper', reveal('1/8')),
  pieceOn('paper', 'bird', measure('1', '1'), { group: 'flyers' }),
  pieceOn('bird', 'balloon', measure('1/2', '1/2'), { group: 'flyers' }),
  pieceOn('paper', 'words', measure('2', '1/2')),
]);
