import { stackOn } from '../../../core/plan/movePiece';
import { looksForward, type FaceId } from '../../../core/plan/faces';
import type { Piece } from '../../../core/plan/piece';
import type { Plan } from '../../../core/plan/plan';
import type { SupportId } from '../../../core/resolve/origins';

/** All rows in their order, the base between the front and what is behind it. */
export function allRows(plan: Plan): readonly SupportId[] {
  const ids = (face: FaceId) => rowsOf(plan, face).map(({ id }) => id);
  return [...ids('front'), 'base', ...ids('inside-front'), ...ids('inside'), ...ids('back')];
}

/** The pieces of a face as the rows stand, front to back, those without figures too. */
export function rowsOf(plan: Plan, face: FaceId): readonly Piece[] {
  const stack = stackOn(plan, face);
  return looksForward(face) ? stack.toReversed() : stack;
}
