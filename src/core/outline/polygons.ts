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
  return wound(union(outlines.flatMap(plain), [], FillRule.NonZero));
}

/** What lies in both. */
export function intersectOutlines(a: Outline, b: Outline): Outline {
  const [one, other] = [near(plain(a), boundsOf(b)), near(plain(b), boundsOf(a))];
  if (one.length === 0 || other.length === 0) return [];
  return wound(intersect(one, other, FillRule.NonZero));
}

/** The lines of an outline that come near a box; the others have no part in what lies there, being holes or beside it. */
function near(outline: Wound, box: Bounds): Wound {
  return outline.filter((polygon) => boxGap(boundsOf([polygon]), box) === 0);
}

/** What lies in the one and not in the other. */
export function subtractOutlines(from: Outline, less: Outline): Outline {
  return wound(difference(plain(from), plain(less), FillRule.NonZero));
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
  return grown(plain(outline), by, within);
}

function grown(outline: Wound, by: number, within: number): Wound {
  return wound(inflatePaths(outline, by, JoinType.Round, EndType.Polygon, 2, within));
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
  const inside = grown(plain(outline), -by, within);
  if (width <= 0) return { inside, open: inside };
  return { inside, open: grown(grown(inside, -width / 2, within), width / 2, within) };
}

/** What a pen so many ticks wide on each side of its way covers along lines, round at their ends. */
export function growLines(lines: readonly Polygon[], by: number): Outline {
  const ways = lines.map((line) => line.map(({ x, y }) => ({ x, y })));
  return wound(inflatePaths(ways, by, JoinType.Round, EndType.Round));
}

/** Square ticks. */
export function areaOfOutline(outline: Outline): number {
  return Math.abs(areaPaths(plain(outline)));
}

/** An outline as the library wants it: no line crosses another, and holes are wound the other way. */
type Wound = ReturnType<typeof union>;

/** Outlines never change: to wind one anew for each thing it meets takes longer than all else (measured). */
const known = new WeakMap<Outline, Wound>();

/** What the library gave, which it can take again as it is. */
function wound(outline: Wound): Wound {
  known.set(outline, outline);
  return outline;
}

/** The same area as the library wants it. */
function plain(outline: Outline): Wound {
  const before = known.get(outline);
  if (before) return before;
  const made = union(paths(outline), [], FillRule.EvenOdd);
  known.set(outline, made);
  return made;
}
