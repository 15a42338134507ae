import { lengthFromTicks, zeroLength } from '../../length/length';
import { corners, type Rect } from '../../outline/outline';
import { turnStencil } from '../../outline/turnStencil';
import { findStencil } from '../../plan/library';
import type { Stencil } from '../../plan/libraryItem';
import { stencilMoves } from '../../stencilling/stencilMoves';
import { sized, type MarkKind } from '../markKind';
import { groundSize, laidGround } from '../groundSize';
import { paintOfStops, type Paint } from '../paint';
import { mapStops, stopItems } from '../sourceItems';
import type { Stroke } from '../stroke';

/** Colour through a stencil: a ground, over all of what it lies on or a zone of it. */
export const stencilKind: MarkKind<'stencil'> = {
  laid: laidGround,
  isSmall: false,
  goesThroughJig: false,
  sortOf: () => 'stencilling',
  paints: ({ layers, direction }, context) =>
    layers.map((stops) => (stops ? paintOfStops(stops, direction, context) : undefined)),
  items: ({ stencil, layers }) => [stencil, ...layers.flatMap((stops) => stopItems(stops ?? []))],
  withItems: (piece, map) => ({
    ...piece,
    stencil: map(piece.stencil),
    layers: piece.layers.map((stops) => stops && mapStops(stops, map)),
  }),
  size: ({ stencil: ref, turned, zone }, library, under) => {
    const found = findStencil(library, ref);
    if (!found) return { ok: false, reason: { code: 'no-stencil' } };
    return sized(groundSize(zone, under), { stencil: turned ? turnStencil(found) : found });
  },
  outline: ({ rect }) => [corners(rect)],
  strokes: ({ paints, stencil, rect }) => (stencil ? openings(stencil, paints, rect) : []),
};

/** What comes through a stencil each time it is laid down; where it cannot go on, laid down once. */
function openings(
  { width, height, repeat, box, layers }: Stencil,
  paints: readonly (Paint | undefined)[],
  zone: Rect,
): readonly Stroke[] {
  const field = { width: width.ticks, height: height.ticks };
  const moves = stencilMoves(field, repeat, zone);
  const fields = moves.ok
    ? moves.placements.map((each) => each.field)
    : [{ x: zeroLength, y: zeroLength, ...field }];
  return layers.flatMap(({ openings: path }, index) => {
    const paint = paints[index];
    if (!paint) return [];
    return fields.map(({ x, y }): Stroke => {
      const at = {
        ...field,
        x: lengthFromTicks(zone.x + x),
        y: lengthFromTicks(zone.y + y),
      };
      return { kind: 'path', path, box, paint, lineWidth: 0, at, over: zone };
    });
  });
}
