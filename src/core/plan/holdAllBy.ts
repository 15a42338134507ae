import type { AdhesiveId } from '../paper/adhesives';
import type { Edit } from './edit';
import type { Paper } from './piece';
import { changePiece } from './pieceEdits';

/** Holds all of a piece by one adhesive, whatever its zones said. */
export function holdAllBy(piece: Paper, attach: AdhesiveId): Edit {
  return changePiece(piece, { attach, zones: [] });
}
