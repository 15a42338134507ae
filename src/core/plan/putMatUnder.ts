import type { Size } from '../length/length';
import { asTyped } from '../length/typedLength';
import type { Edit } from './edit';
import { batchEdits } from './batchEdits';
import type { Paper } from './piece';
import { followsSupport } from './pieces';
import type { Plan } from './plan';
import { changePiece, putPieces } from './pieceEdits';

/**
 * The edit that builds a mat outward round a finished piece: the mat goes between the piece and what
 * that lies on. A piece whose size came from what it lies on keeps the size it has now as its own,
 * since the mat's size comes from it.
 * @param mat sized by outset round the piece, lying on what the piece lies on.
 */
export function putMatUnder(plan: Plan, piece: Paper, mat: Paper, size: Size): Edit {
  return batchEdits([
    ...putPieces(
      plan,
      plan.pieces.findIndex(({ id }) => id === piece.id),
      [mat],
    ),
    changePiece(piece, { on: { piece: mat.id }, ...ownSize(piece, size) }),
  ]);
}

/** The change that gives a piece the size it has now as its own; none where it has its own already. */
export function ownSize({ size }: Paper, now: Size): Partial<Pick<Paper, 'size'>> {
  return followsSupport(size)
    ? { size: { by: 'measure', width: asTyped(now.width), height: asTyped(now.height) } }
    : {};
}
