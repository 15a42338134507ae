import {
  halveLength,
  lengthFromTicks,
  subtractLengths,
  sumLengths,
  type Length,
  type Size,
} from '../length/length';
import type { PlaceRule } from '../plan/piece';
import type { PlaceOrigin, Rect, Reveals, SupportId } from './resolvedCard';

export interface PlacedPiece {
  readonly rect: Rect;
  readonly reveals: Reveals;
  readonly origins: { readonly x: PlaceOrigin; readonly y: PlaceOrigin };
}

/** Places a sized piece on its support. Centring leaves an odd half tick on the right or bottom. */
export function placePiece(
  place: PlaceRule,
  size: Size,
  support: Rect,
  from: SupportId,
): PlacedPiece {
  const across = placeOnAxis(place.x, size.width, support.width, from);
  const down = placeOnAxis(place.y, size.height, support.height, from);
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

type AxisPlace = PlaceRule['x'] | PlaceRule['y'];

interface AxisFigures {
  readonly near: Length;
  readonly far: Length;
  readonly origin: PlaceOrigin;
}

function placeOnAxis(rule: AxisPlace, size: Length, room: Length, from: SupportId): AxisFigures {
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
  const distance = rule.distance.ticks;
  const rest = subtractLengths(spare, distance);
  const isNear = rule.from === 'left' || rule.from === 'top';
  return {
    near: isNear ? distance : rest,
    far: isNear ? rest : distance,
    origin: { kind: 'from-edge', from, edge: rule.from, distance },
  };
}
