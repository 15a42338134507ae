import { itemsIn, overlapId } from './collections';
import type { SimpleEdit } from './edit';
import type { PieceId } from './ids';
import type { Overlap } from './overlap';
import type { Plan } from './plan';

/** What was decided of two pieces, whichever is named first. @param first null where they may cross */
export function overlapOf(a: PieceId, b: PieceId, first: PieceId | null): Overlap {
  return { between: a < b ? [a, b] : [b, a], first };
}

/**
 * The edits that decide of two pieces, in place of what was decided of them before.
 * @param first the one stamped first, null where they may cross, undefined to leave it to what follows from their places
 */
export function decideOverlap(
  plan: Plan,
  a: PieceId,
  b: PieceId,
  first: PieceId | null | undefined,
): readonly SimpleEdit[] {
  const id = overlapId(overlapOf(a, b, null));
  const before = itemsIn(plan, 'overlaps').some((each) => overlapId(each) === id);
  return [
    ...(before ? [{ kind: 'remove', in: 'overlaps', id } as const] : []),
    ...(first === undefined
      ? []
      : [{ kind: 'put', in: 'overlaps', item: overlapOf(a, b, first) } as const]),
  ];
}
