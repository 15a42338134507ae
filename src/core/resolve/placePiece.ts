import { halveLength, subtractLengths, sumLengths, type Length, type Size } from '../length/length';
import type { PlaceRule, SizeRule } from '../plan/piece';
import type { PlaceOrigin, Rect, Reveals, SupportId } from './resolvedCard';

export interface PlacedPiece {
  readonly rect: Rect;
  readonly reveals: Reveals;
  readonly origins: { readonly x: PlaceOrigin; readonly y: PlaceOrigin };
}

/**
 * Places a sized piece on its support. Centring leaves an odd half tick on the right or bottom.
 * A size given side by side places the piece as well, and its place rule rests.
 */
export function placePiece(
  rules: { readonly size: SizeRule; readonly place: PlaceRule },
  size: Size,
  support: Rect,
  from: SupportId,
): PlacedPiece {
  const { x, y } = effectivePlace(rules.size, rules.place);
  const across = placeOnAxis(x, size.width, support.width, from);
  const down = placeOnAxis(y, size.height, support.height, from);
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

function effectivePlace(
  size: SizeRule,
  place: PlaceRule,
): { readonly x: AxisPlace; readonly y: AxisPlace } {
  if (size.by !== 'sides') return place;
  return { x: { from: 'left', distance: size.left }, y: { from: 'top', distance: size.top } };
}

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
  const distance = rule.distance.ticks;
  const rest = subtractLengths(spare, distance);
  const isNear = rule.from === 'left' || rule.from === 'top';
  return {
    near: isNear ? distance : rest,
    far: isNear ? rest : distance,
    origin: { kind: 'from-edge', from, edge: rule.from, distance },
  };
}
