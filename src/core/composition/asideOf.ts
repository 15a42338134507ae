import { inches, millimetres, type Unit } from '../length/length';
import { movedBy, placeAt } from '../measuring/placeAt';
import type { PieceId } from '../plan/ids';
import type { PlaceRule } from '../plan/piece';
import { placedById, supportRect, type ResolvedCard } from '../resolve/resolvedCard';
import { isMark } from '../resolve/outlineOf';

/** How far a copy lies off its original, across and down. */
const step = { in: inches(0, 1, 4), mm: millimetres(6) } as const;

/**
 * Where a copy of a thing is laid beside it: a step to the right and down, or as many steps as take it off every copy
 * laid there before; undefined where the thing has no place.
 */
export function asideOf(card: ResolvedCard, id: PieceId, unit: Unit): PlaceRule | undefined {
  const placed = placedById(card, id);
  if (!placed) return undefined;
  const { rect, support, face, piece } = placed;
  const taken = new Set(
    (isMark(placed) ? card.marks : card.pieces)
      .filter((other) => other.support === support && other.face === face)
      .map((other) => `${other.rect.x} ${other.rect.y}`),
  );
  let steps = 1;
  while (taken.has(`${rect.x + steps * step[unit]} ${rect.y + steps * step[unit]}`)) steps++;
  const box = movedBy(rect, steps * step[unit], steps * step[unit]);
  return placeAt(box, supportRect(card, support), piece.place.turn);
}
