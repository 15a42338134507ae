import type { PieceId } from './ids';
import type { Piece } from './piece';
import type { Plan } from './plan';

/** A piece and the others of its group, in gluing order; none when there is no such piece. */
export function withGroup(plan: Plan, id: PieceId): readonly Piece[] {
  const piece = plan.pieces.find((each) => each.id === id);
  if (!piece) return [];
  return piece.group === null ? [piece] : plan.pieces.filter(({ group }) => group === piece.group);
}

/** The pieces, and all that lies on them in the end, in gluing order. */
export function withAllOn(plan: Plan, pieces: readonly Piece[]): readonly Piece[] {
  const taken = new Set(pieces.map(({ id }) => id));
  for (let grown = true; grown;) {
    grown = false;
    for (const { id, on } of plan.pieces)
      if ('piece' in on && taken.has(on.piece) && !taken.has(id)) {
        taken.add(id);
        grown = true;
      }
  }
  return plan.pieces.filter(({ id }) => taken.has(id));
}

/** A group name no piece has yet: 'wreath', then 'wreath 2'. */
export function freeGroup(taken: readonly (string | null)[], name: string): string {
  for (let number = 1; ; number += 1) {
    const next = number === 1 ? name : `${name} ${number}`;
    if (!taken.includes(next)) return next;
  }
}
