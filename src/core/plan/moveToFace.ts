import type { Edit } from './edit';
import { batchEdits } from './batchEdits';
import type { FaceId } from './faces';
import type { PieceId } from './ids';
import { faceOf } from './faceOf';
import { withAllOn, withGroup } from './pieceSets';
import type { Plan } from './plan';
import { changePiece } from './pieceEdits';

/**
 * The edit that takes a piece to another face, with its group and all that lies on them. What lay on
 * something that stays behind lies on the face itself then; all else keeps what it lies on.
 * @returns undefined when there is nothing to move.
 */
export function moveToFace(plan: Plan, id: PieceId, face: FaceId): Edit | undefined {
  const moved = withAllOn(plan, withGroup(plan, id));
  if (moved.length === 0 || moved.every((piece) => faceOf(plan, piece.id) === face))
    return undefined;
  const ids = new Set(moved.map((piece) => piece.id));
  const rooted = moved.filter(({ on }) => 'face' in on || !ids.has(on.piece));
  return batchEdits(rooted.map((piece) => changePiece(piece, { on: { face } })));
}
