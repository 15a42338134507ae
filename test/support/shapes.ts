import { drizzle, library, measure, pieceOn, typed, wren } from './plans';
import { must } from './must';
import { findStamp, findStencil } from '../../src/core/plan/library';
import { type PlaceRule } from '../../src/core/plan/piece';
import { type Point, type Polygon } from '../../src/core/geometry/flattenPath';
import { type PieceId } from '../../src/core/plan/ids';
import { applyEdit } from '../../src/core/plan/applyEdit';
import { type Edit } from '../../src/core/plan/edit';
import { type Plan } from '../../src/core/plan/plan';

export const newIds = () => {
  let number = 0;
  return () => `new-${(number += 1)}` as PieceId;
};

export const done = (plan: Plan, edit: Edit): Plan => {
  const outcome = applyEdit(plan, edit);
  if (!outcome.ok) throw new Error('the edit is refused');
  return outcome.plan;
};

export const square = (x: number, y: number, side: number): Polygon => [
  { x, y },
  { x: x + side, y },
  { x: x + side, y: y + side },
  { x, y: y + side },
];

export const at = (left: string, top: string): PlaceRule => ({
  x: { from: 'left', distance: typed(left) },
  y: { from: 'top', distance: typed(top) },
  turn: 0,
});

export const panel = pieceOn('front', 'panel', measure('4', '5'));

export const stamp = must(findStamp(library, wren));
export const stencil = must(findStencil(library, drizzle));

/** By the formula of the shoelace, which knows nothing of the library. */
export function shoelace(polygon: Polygon): number {
  return Math.abs(
    polygon.reduce((sum, { x, y }, index) => {
      const next = polygon[(index + 1) % polygon.length] as Point;
      return sum + x * next.y - next.x * y;
    }, 0) / 2,
  );
}
