import type { Edit } from './edit';
import { copyOf } from './copyOf';
import { putPieces } from './pieceEdits';
import { batchEdits } from './batchEdits';
import type { PieceId } from './ids';
import type { Piece, PlaceRule } from './piece';
import { withAllOn, withGroup } from './pieceSets';
import type { Plan } from './plan';
import { cutText } from '../text/cutText';

export interface CopiedPieces {
  readonly edit: Edit;
  /** The copy of the piece that was asked for. */
  readonly copy: PieceId;
}

/**
 * The edit that copies a piece, or its whole group as a new one, with all that lies on it. Each copy is glued right
 * after the last of the originals, on the copy of what its original lies on where that is copied too.
 * @param newId makes an id that no piece has, called once for each copy.
 * @param placeOf where the copy of a piece goes that does not lie on another copy; as the original where undefined.
 * @returns undefined when there is no such piece.
 */
export function copyPieces(
  plan: Plan,
  id: PieceId,
  newId: () => PieceId,
  placeOf: (root: Piece) => PlaceRule | undefined = () => undefined,
): CopiedPieces | undefined {
  const originals = withAllOn(plan, withGroup(plan, id));
  const last = originals.at(-1);
  if (!last) return undefined;
  const ids = new Map(originals.map((piece) => [piece.id, newId()]));
  const copies = originals.map((piece): Piece => ({
    ...copyOf(piece, ids, (root) => ({ place: placeOf(root) })),
    name: `${cutText(piece.name, 52)} (copy)`,
    group: piece.group === null ? null : `${cutText(piece.group, 32)} (copy)`,
  }));
  const after = plan.pieces.findIndex((piece) => piece.id === last.id) + 1;
  return { edit: batchEdits(putPieces(plan, after, copies)), copy: ids.get(id) ?? id };
}
