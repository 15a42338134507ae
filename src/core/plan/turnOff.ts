import type { Edit } from './edit';
import { batchEdits } from './batchEdits';
import type { PieceId } from './ids';
import { withGroup } from './pieceSets';
import type { Plan } from './plan';
import { changePiece } from './pieceEdits';

/** The edit that turns a piece and its group off, or on again; undefined when there is no such piece. */
export function turnOff(plan: Plan, id: PieceId): Edit | undefined {
  const group = withGroup(plan, id);
  const piece = group.find((each) => each.id === id);
  if (!piece) return undefined;
  const isOff = !piece.isOff;
  return batchEdits(group.map((each) => changePiece(each, { isOff })));
}
