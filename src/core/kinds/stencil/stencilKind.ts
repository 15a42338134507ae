import { lengthFromTicks, zeroLength, type Size } from '../../length/length';
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
import type { PieceOf } from '../../plan/piece';
import type { BlendStop } from '../../plan/pieces/stops';
import { joinedOpenings } from './stencilOpenings';

type Stencilling = PieceOf<'stencil'>;

/** Colour through a stencil: a ground, over all of what it lies on or a zone of it. */
export const stencilKind: MarkKind<'stencil'> = {
  laid: laidGround,
  isSmall: false,
  goesThroughJig: false,
  sortOf: () => 'stencilling',
  paints: ({ layers, openings, direction }, context) =>
    [...layers, ...openings.map(({ inks }) => inks)].map((stops) =>
      stops ? paintOfStops(stops, direction, context) : undefined,
    ),
  items: (piece) => [piece.stencil, ...stencilStops(piece).flatMap(stopItems)],
  withItems: (piece, map) => ({
    ...piece,
    stencil: map(piece.stencil),
    layers: piece.layers.map((stops) => stops && mapStops(stops, map)),
    openings: piece.openings.map((each) => ({ ...each, inks: mapStops(each.inks, map) })),
  }),
  size: ({ stencil: ref, turned, zone }, library, under) => {
    const found = findStencil(library, ref);
    if (!found) return { ok: false, reason: { code: 'no-stencil' } };
    return sized(groundSize(zone, under), { stencil: turned ? turnStencil(found) : found });
  },
  outline: ({ rect }) => [corners(rect)],
  strokes: ({ piece, paints, stencil, rect }) =>
    stencil ? throughOpenings(stencil, piece, paints, rect) : [],
};

/** All inks of a stencil, those of single openings after those of its layers. */
export function stencilStops({
  layers,
  openings,
}: Pick<Stencilling, 'layers' | 'openings'>): readonly (readonly BlendStop[])[] {
  return [
    ...layers.flatMap((stops) => (stops ? [stops] : [])),
    ...openings.map(({ inks }) => inks),
  ];
}

/** What comes through a stencil each time it is laid down; where it cannot go on, laid down once. */
function throughOpenings(
  { width, height, repeat, box, layers }: Stencil,
  piece: Stencilling,
  paints: readonly (Paint | undefined)[],
  zone: Rect,
): readonly Stroke[] {
  const field = { width: width.ticks, height: height.ticks };
  const fields = fieldsOf(field, repeat, zone);
  return layers.flatMap(({ openings: path }, layer) =>
    partsOf(path, layer, piece).flatMap(({ own, at: index }) => {
      const paint = paints[index];
      if (!paint || own === '') return [];
      return fields.map(({ x, y }): Stroke => {
        const at = {
          ...field,
          x: lengthFromTicks(zone.x + x),
          y: lengthFromTicks(zone.y + y),
        };
        return { kind: 'path', path: own, box, paint, lineWidth: 0, at, over: zone };
      });
    }),
  );
}

/** Where on its face a stencil is laid down first. @param zone it colours */
export function firstField({ width, height, repeat }: Stencil, zone: Rect): Rect {
  const field = { width: width.ticks, height: height.ticks };
  const { x = zeroLength, y = zeroLength } = fieldsOf(field, repeat, zone)[0] ?? {};
  return { ...field, x: lengthFromTicks(zone.x + x), y: lengthFromTicks(zone.y + y) };
}

/** Where a stencil is laid down over a zone, from its corner; where it cannot go on, once. */
function fieldsOf(field: Size, repeat: Stencil['repeat'], zone: Rect) {
  const moves = stencilMoves(field, repeat, zone);
  return moves.ok
    ? moves.placements.map((each) => each.field)
    : [{ x: zeroLength, y: zeroLength, ...field }];
}

/** A layer's drawing by what its openings take: the rest first, then each group, with the index of its paint. */
function partsOf(path: string, layer: number, { layers, openings }: Stencilling) {
  const groups = openings.flatMap(({ layer: own, at }, index) =>
    own === layer ? [{ which: new Set(at), at: layers.length + index }] : [],
  );
  if (groups.length === 0) return [{ own: path, at: layer }];
  const rest = joinedOpenings(path, (index) => !groups.some(({ which }) => which.has(index)));
  return [
    { own: rest, at: layer },
    ...groups.map(({ which, at }) => ({
      own: joinedOpenings(path, (index) => which.has(index)),
      at,
    })),
  ];
}
