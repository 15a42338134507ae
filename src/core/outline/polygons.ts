import {
  areaPaths,
  EndType,
  FillRule,
  inflatePaths,
  intersect,
  JoinType,
  union,
} from 'clipper2-ts';
import type { Polygon } from '../geometry/flattenPath';
import type { Outline } from './outline';

/*
 * Areas of outlines on whole ticks, by the clipping library. It is large, so only what needs whole areas
 * imports this file; distances and boxes do without.
 */

/** The library stumbles over lines of no points. */
const paths = (outline: Outline) =>
  outline
    .filter((polygon) => polygon.length > 2)
    .map((polygon) => polygon.map(({ x, y }) => ({ x, y })));

/** What lies in any of the outlines, each taken by the even-odd rule. */
export function uniteOutlines(outlines: readonly Outline[]): Outline {
  // All at once: each is wound so that what lies in any counts one or more.
  return union(outlines.flatMap(plain), [], FillRule.NonZero);
}

/** What lies in both. */
export function intersectOutlines(a: Outline, b: Outline): Outline {
  return intersect(plain(a), plain(b), FillRule.NonZero);
}

/** Grown all round by so many ticks, round at the corners; shrunk where that is negative. */
export function growOutline(outline: Outline, by: number): Outline {
  return inflatePaths(plain(outline), by, JoinType.Round, EndType.Polygon);
}

/** What a pen so many ticks wide on each side of its way covers along lines, round at their ends. */
export function growLines(lines: readonly Polygon[], by: number): Outline {
  const ways = lines.map((line) => line.map(({ x, y }) => ({ x, y })));
  return inflatePaths(ways, by, JoinType.Round, EndType.Round);
}

/** Square ticks. */
export function areaOfOutline(outline: Outline): number {
  return Math.abs(areaPaths(plain(outline)));
}

/** The same area with its holes wound the other way, as the library wants it. */
function plain(outline: Outline): ReturnType<typeof union> {
  return union(paths(outline), [], FillRule.EvenOdd);
}
