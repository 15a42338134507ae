import { lengthFromTicks, type Size } from '../length/length';
import type { Edit } from '../plan/edit';
import { batchEdits } from '../plan/batchEdits';
import type { Paper, PlaceRule } from '../plan/piece';
import { centred } from '../plan/pieces';
import type { Plan } from '../plan/plan';
import { supportRect, type ResolvedCard } from '../resolve/resolvedCard';
import type { Rect } from '../outline/outline';
import type { ResolvedMark } from '../resolve/resolvedMark';
import { placeAt } from '../measuring/placeAt';
import { addPieces, changePiece } from '../plan/pieceEdits';

/**
 * Puts a mark on paper of its own, where it stands: the paper so large goes under it, middle on middle, and stays
 * centred where the mark was; the mark takes the middle of the paper.
 * @param paper its turn is kept, the rest of its place found.
 */
export function putOnPaper(
  plan: Plan,
  card: ResolvedCard,
  mark: ResolvedMark,
  paper: Paper,
  size: Size,
): Edit {
  const support = supportRect(card, mark.support);
  const at = placeAt(roundMiddle(mark.rect, size), support, paper.place.turn);
  return batchEdits([
    ...addPieces(plan, [{ ...paper, place: keepingCentred(at, mark.piece.place) }]),
    changePiece(mark.piece, {
      on: { piece: paper.id },
      place: centred,
      group: paper.group ?? mark.piece.group,
    }),
  ]);
}

/** A box so large, its middle on the middle of another. */
export function roundMiddle(rect: Rect, { width, height }: Size): Rect {
  return {
    x: lengthFromTicks(rect.x + Math.round((rect.width - width) / 2)),
    y: lengthFromTicks(rect.y + Math.round((rect.height - height) / 2)),
    width,
    height,
  };
}

function keepingCentred(at: PlaceRule, { x, y }: PlaceRule): PlaceRule {
  return { ...at, ...(x.from === 'centre' && { x }), ...(y.from === 'centre' && { y }) };
}
