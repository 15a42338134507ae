import type { PieceId } from './ids';
import type { Piece } from './piece';
import { isPaper } from './pieces';

/** A piece that is placed beside, or sized round, the copies of what it was placed beside or sized round. */
export function renameNeighbours(piece: Piece, renamed: (id: PieceId) => PieceId): Piece {
  const { x, y } = piece.place;
  const place = {
    ...piece.place,
    x: x.from === 'piece' ? { ...x, piece: renamed(x.piece) } : x,
    y: y.from === 'piece' ? { ...y, piece: renamed(y.piece) } : y,
  };
  if (!isPaper(piece)) return { ...piece, place };
  const { size } = piece;
  return {
    ...piece,
    place,
    size: size.by === 'outset' ? { ...size, around: renamed(size.around) } : size,
  };
}
