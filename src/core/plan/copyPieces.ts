import type { Edit } from './edit';
import { putPieces } from './pieceEdits';
import { batchEdits } from './batchEdits';
import type { PieceId } from './ids';
import type { Paper, Piece } from './piece';
import { isPaper } from './pieces';
import { withGroup } from './pieceSets';
import type { Plan } from './plan';
import { cutText } from '../text/cutText';

export interface CopiedPieces {
  readonly edit: Edit;
  /** The copy of the piece that was asked for. */
  readonly copy: PieceId;
}

/**
 * The edit that copies a piece, or its whole group as a new one. Each copy is glued right after the
 * last of the originals, on the copy of what its original lies on where that is copied too.
 * @param newId makes an id that no piece has, called once for each copy.
 * @returns undefined when there is no such piece.
 */
export function copyPieces(
  plan: Plan,
  id: PieceId,
  newId: () => PieceId,
): CopiedPieces | undefined {
  const originals = withGroup(plan, id);
  const last = originals.at(-1);
  if (!last) return undefined;
  const ids = new Map(originals.map((piece) => [piece.id, newId()]));
  const copied = (of: PieceId) => ids.get(of) ?? of;
  const copies = originals.map((piece): Piece => ({
    ...withCopiedSize(piece, copied),
    id: copied(piece.id),
    name: `${cutText(piece.name, 52)} (copy)`,
    group: piece.group === null ? null : `${cutText(piece.group, 32)} (copy)`,
    on: 'piece' in piece.on ? { piece: copied(piece.on.piece) } : piece.on,
  }));
  const after = plan.pieces.findIndex((piece) => piece.id === last.id) + 1;
  return { edit: batchEdits(putPieces(plan, after, copies)), copy: copied(id) };
}

function withCopiedSize(piece: Piece, copied: (of: PieceId) => PieceId): Piece {
  return isPaper(piece) ? { ...piece, size: copiedSize(piece.size, copied) } : piece;
}

function copiedSize(size: Paper['size'], copied: (of: PieceId) => PieceId): Paper['size'] {
  return size.by === 'outset' ? { ...size, around: copied(size.around) } : size;
}
