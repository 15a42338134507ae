import { sameSize } from '../../length/length';
import { changePiece } from '../../plan/pieceEdits';
import type { Piece } from '../../plan/piece';
import { sameJson } from '../../plan/sameJson';
import { itemsOf } from '../../kinds/kinds';
import { isMark, type Placed } from '../../resolve/outlineOf';
import { findOnPair, type Finding, type Rule } from '../finding';
import { deed } from '../remedy';

/** Two of the same thing that lie exactly on each other, as a copy does that was not moved away. */
export const samePlace: Rule = {
  id: 'same-place',
  find: ({ card }) =>
    Object.values(card.painted).flatMap((order): Finding[] => {
      const seen = new Map<string, Placed>();
      return order.flatMap((placed): Finding[] => {
        const key = placeKey(placed);
        const below = seen.get(key);
        seen.set(key, placed);
        if (!below || !isSame(below, placed)) return [];
        const off = deed('turn-off', changePiece(placed.piece, { isOff: true }));
        return [findOnPair(placed, below, 'look', { rule: 'same-place' }, [off])];
      });
    }),
};

function placeKey({ piece, support, rect }: Placed): string {
  const { x, y, width, height } = rect;
  return [piece.kind, support, x, y, width, height, piece.place.turn].join(' ');
}

/** What of the stash tells what a piece is, whatever its colours. Two grounds in one place are meant. */
function madeWith(piece: Piece): unknown {
  switch (piece.kind) {
    case 'image':
      return piece.stamp;
    case 'stencil':
      return piece.stencil;
    case 'dot':
    case 'ribbon':
      return piece.item;
    case 'panel':
      return itemsOf(piece);
    case 'words':
    case 'drawn':
      return null;
    case 'blend':
    case 'edges':
    case 'spray':
    case 'splatter':
      return piece.id;
    default:
      throw new TypeError(`madeWith: unknown ${JSON.stringify(piece satisfies never)}`);
  }
}

/** Plain panels are told as never seen; two layers of one stamp are one picture. */
function isSame(below: Placed, above: Placed): boolean {
  if (!sameSize(below.rect, above.rect)) return false;
  if (!sameJson(madeWith(below.piece), madeWith(above.piece))) return false;
  if (isMark(below) && isMark(above))
    return (
      sameJson(below.words, above.words) &&
      (below.paints.length === 0 ||
        below.paints.some((paint, index) => paint && above.paints[index] !== undefined))
    );
  return (
    !isMark(below) &&
    !isMark(above) &&
    above.shape !== undefined &&
    above.shape === below.shape &&
    above.piece.isMirrored === below.piece.isMirrored
  );
}
