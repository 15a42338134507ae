import type { PieceId } from './ids';
import type { Piece, PlaceRule, Support } from './piece';
import { isPaper } from './pieces';

/** Where the copy of a piece goes that does not lie on another copy; as the original where it is undefined. */
export interface RootPlace {
  readonly on?: Support | undefined;
  readonly place?: PlaceRule | undefined;
}

/**
 * The copy of a piece among others that are copied with it: what it lies on, is placed beside or sized round is the copy
 * of that where there is one.
 * @param ids of the copies, by the original
 */
export function copyOf(
  piece: Piece,
  ids: ReadonlyMap<PieceId, PieceId>,
  rootPlace: (root: Piece) => RootPlace,
): Piece {
  const copied = (id: PieceId) => ids.get(id) ?? id;
  const copy = withNeighbours({ ...piece, id: copied(piece.id) }, copied);
  if ('piece' in piece.on && ids.has(piece.on.piece))
    return { ...copy, on: { piece: copied(piece.on.piece) } };
  const { on = copy.on, place = copy.place } = rootPlace(piece);
  return { ...copy, on, place };
}

function withNeighbours(piece: Piece, copied: (id: PieceId) => PieceId): Piece {
  const { x, y } = piece.place;
  const place = {
    ...piece.place,
    x: x.from === 'piece' ? { ...x, piece: copied(x.piece) } : x,
    y: y.from === 'piece' ? { ...y, piece: copied(y.piece) } : y,
  };
  if (!isPaper(piece)) return { ...piece, place };
  const { size, zones } = piece;
  return {
    ...piece,
    place,
    zones: zones.map((zone) => ({ ...zone, over: zone.over && copied(zone.over) })),
    size: size.by === 'outset' ? { ...size, around: copied(size.around) } : size,
  };
}
