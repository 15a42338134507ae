import {
  areaPaths,
  difference,
  EndType,
  FillRule,
  inflatePaths,
  intersect,
  JoinType,
  simplifyPaths,
  union,
} from 'clipper2-ts';
import type { Polygon } from '../geometry/flattenPath';
import { chordError } from '../tolerances';
import { boundsOf, boxGap, type Bounds, type Outline } from './outline';

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
  const [one, other] = [near(a, boundsOf(b)), near(b, boundsOf(a))];
  if (one.length === 0 || other.length === 0) return [];
  return intersect(plain(one), plain(other), FillRule.NonZero);
}

/** The lines of an outline that come near a box; the others have no part in what lies there. */
function near(outline: Outline, box: Bounds): Outline {
  return outline.filter((polygon) => boxGap(boundsOf([polygon]), box) === 0);
}

/** What lies in the one and not in the other. */
export function subtractOutlines(from: Outline, less: Outline): Outline {
  return difference(plain(from), plain(less), FillRule.NonZero);
}

/** With fewer points, no further off than half of what the chords of a curve are. */
export function simplified(outline: Outline): Outline {
  return simplifyPaths(paths(outline), chordError / 2, true);
}

/** Of all its closed lines, in ticks. */
export function lengthOfLines(outline: Outline): number {
  return outline.reduce((sum, line) => {
    const ways = line.map((to, at) => {
      const from = line[(at + line.length - 1) % line.length] ?? to;
      return Math.hypot(to.x - from.x, to.y - from.y);
    });
    return sum + ways.reduce((whole, way) => whole + way, 0);
  }, 0);
}

/**
 * Grown all round by so many ticks, round at the corners; shrunk where that is negative.
 * @param within ticks that the chords of its round corners may be off; finer takes more points
 */
export function growOutline(outline: Outline, by: number, within = 0.25): Outline {
  return inflatePaths(plain(outline), by, JoinType.Round, EndType.Polygon, 2, within);
}

/**
 * Shrunk by so many ticks, and what is left without all that is narrower than a width: what a disc that wide can be moved
 * about in.
 */
export function shrinkAndOpen(
  outline: Outline,
  by: number,
  width: number,
  within = 0.25,
): { readonly inside: Outline; readonly open: Outline } {
  // What the library gives is wound as it wants it; to wind it anew each time takes as long as the growing.
  const grow = (paths: ReturnType<typeof union>, delta: number) =>
    inflatePaths(paths, delta, JoinType.Round, EndType.Polygon, 2, within);
  const inside = grow(plain(outline), -by);
  return { inside, open: width > 0 ? grow(grow(inside, -width / 2), width / 2) : inside };
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
