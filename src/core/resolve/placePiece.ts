import {
  halveLength,
  lengthFromTicks,
  subtractLengths,
  sumLengths,
  type Length,
  type Size,
} from '../length/length';
import type { PieceId } from '../plan/ids';
import type { PlaceRule } from '../plan/piece';
import type { PlaceOrigin, Reveals, SupportId } from './origins';
import { boundsOf, type Outline, type Rect } from '../outline/outline';

export interface PlacedPiece {
  readonly rect: Rect;
  readonly reveals: Reveals;
  readonly origins: { readonly x: PlaceOrigin; readonly y: PlaceOrigin };
}

/**
 * Places a sized piece on its support. Centring leaves an odd half tick on the right or bottom. A turn
 * leaves its middle where it is, so the box is that before turning.
 * @param boxOf the boxes of the neighbours its place refers to, on the face.
 */
export function placePiece(
  place: PlaceRule,
  size: Size,
  support: Rect,
  from: SupportId,
  boxOf: (id: PieceId) => Rect,
): PlacedPiece {
  const across = placeOnAxis(place.x, size.width, support.width, from, (id) => {
    const { x, width } = boxOf(id);
    return { near: subtractLengths(x, support.x), size: width };
  });
  const down = placeOnAxis(place.y, size.height, support.height, from, (id) => {
    const { y, height } = boxOf(id);
    return { near: subtractLengths(y, support.y), size: height };
  });
  return {
    rect: {
      x: sumLengths(support.x, across.near),
      y: sumLengths(support.y, down.near),
      width: size.width,
      height: size.height,
    },
    reveals: { left: across.near, right: across.far, top: down.near, bottom: down.far },
    origins: { x: across.origin, y: down.origin },
  };
}

/** What shows beside a piece that lies turned: from the box round its line, as it lies, to the edges of its support. */
export function revealsOf(outline: Outline, support: Rect): Reveals {
  const { x0, y0, x1, y1 } = boundsOf(outline);
  return {
    left: lengthFromTicks(x0 - support.x),
    top: lengthFromTicks(y0 - support.y),
    right: lengthFromTicks(support.x + support.width - x1),
    bottom: lengthFromTicks(support.y + support.height - y1),
  };
}

type AxisPlace = PlaceRule['x'] | PlaceRule['y'];

interface AxisFigures {
  readonly near: Length;
  readonly far: Length;
  readonly origin: PlaceOrigin;
}

interface Extent {
  /** From the edge of the support. */
  readonly near: Length;
  readonly size: Length;
}

function placeOnAxis(
  rule: AxisPlace,
  size: Length,
  room: Length,
  from: SupportId,
  extentOf: (id: PieceId) => Extent,
): AxisFigures {
  const spare = subtractLengths(room, size);
  if (rule.from === 'centre') {
    const [near, far] = halveLength(spare);
    return { near, far, origin: { kind: 'centred', from, near, far } };
  }
  if (rule.from === 'third') {
    // Twice and three times the figures, so that a third and a half stay whole until the end.
    const near = lengthFromTicks(Math.floor((2 * rule.which * room - 3 * size) / 6));
    const far = subtractLengths(spare, near);
    return { near, far, origin: { kind: 'on-third', from, which: rule.which } };
  }
  if (rule.from === 'piece') {
    const { piece, side } = rule;
    const gap = rule.gap.ticks;
    const neighbour = extentOf(piece);
    const near =
      side === 'left' || side === 'top'
        ? subtractLengths(neighbour.near, sumLengths(gap, size))
        : sumLengths(neighbour.near, neighbour.size, gap);
    const origin: PlaceOrigin = { kind: 'beside', piece, side, gap };
    return { near, far: subtractLengths(spare, near), origin };
  }
  const distance = rule.distance.ticks;
  const rest = subtractLengths(spare, distance);
  const isNear = rule.from === 'left' || rule.from === 'top';
  return {
    near: isNear ? distance : rest,
    far: isNear ? rest : distance,
    origin: { kind: 'from-edge', from, edge: rule.from, distance },
  };
}
