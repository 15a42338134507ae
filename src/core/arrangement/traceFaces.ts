import type { Point, Polygon } from '../geometry/flattenPath';
import type { Outline } from '../outline/outline';
import { inOneOnly, side, type Edge } from './edge';
import { halvesOf, type Half } from './halfEdges';

/** A part of the plane that no edge runs through. */
export interface Face {
  /** The outlines it lies in, ascending. */
  readonly covers: readonly number[];
  /** Square units. */
  readonly area: number;
  /** Its line, and those of its holes wound the other way. */
  readonly rings: Outline;
}

/** A closed way along halves that have the same face on their left. */
interface Cycle {
  readonly halves: readonly Half[];
  /** Twice the area within; negative for the way all round a group of edges that hang together. */
  readonly twice: number;
  /** Undefined until it is reached. */
  covers: readonly number[] | undefined;
  /** Of the way round a group, the face it lies in; undefined where that is in no outline and bounded by none. */
  within: Cycle | undefined;
  /** The ways round the groups that lie in this face. */
  readonly holes: Cycle[];
}

/**
 * The faces that edges bound, but for those in no outline.
 * @param edges that meet at their ends only; at each point every outline has an even number of them
 */
export function traceFaces(edges: readonly Edge[]): readonly Face[] {
  return traceCycles(edges).flatMap((cycle) => {
    const { covers = [] } = cycle;
    return cycle.twice > 0 && covers.length > 0 ? [{ covers, ...extentOf(cycle) }] : [];
  });
}

/** What edges enclose, whatever they belong to; those that lead nowhere enclose nothing. @param edges as above */
export function traceEnclosed(edges: readonly Edge[]): readonly Omit<Face, 'covers'>[] {
  return traceCycles(edges).flatMap((cycle) => (cycle.twice > 0 ? [extentOf(cycle)] : []));
}

function extentOf({ twice, halves, holes }: Cycle): Omit<Face, 'covers'> {
  return {
    area: holes.reduce((sum, hole) => sum + hole.twice, twice) / 2,
    rings: [ringOf(halves), ...holes.map((hole) => ringOf(hole.halves))],
  };
}

function traceCycles(edges: readonly Edge[]): readonly Cycle[] {
  const halves = halvesOf(edges);
  const cycleOf = new Map<Half, Cycle>();
  const cycles = halves.flatMap((half) => (cycleOf.has(half) ? [] : [walk(half, cycleOf)]));
  // From left to right, so that what a group lies in is known before it.
  const groups = cycles
    .filter(({ twice }) => twice < 0)
    .map((cycle) => ({ cycle, corner: leftmost(cycle) }))
    .toSorted((p, q) => p.corner.x - q.corner.x || p.corner.y - q.corner.y);
  for (const { cycle, corner } of groups) {
    const left = nearestToTheLeft(halves, corner);
    const beside = left && cycleOf.get(left);
    cycle.within = beside && (beside.twice > 0 ? beside : beside.within);
    cycle.within?.holes.push(cycle);
    spread(cycle, beside?.covers ?? [], cycleOf);
  }
  return cycles;
}

function walk(start: Half, cycleOf: Map<Half, Cycle>): Cycle {
  const halves: Half[] = [];
  let twice = 0;
  const origin = start.from;
  for (let half = start; halves.length === 0 || half !== start; half = half.next) {
    halves.push(half);
    twice += side(origin, half.from, half.to);
  }
  const cycle: Cycle = { halves, twice, covers: undefined, within: undefined, holes: [] };
  for (const half of halves) cycleOf.set(half, cycle);
  return cycle;
}

/** Tells every face of a group what it lies in: across an edge, what the edge belongs to changes. */
function spread(from: Cycle, covers: readonly number[], cycleOf: ReadonlyMap<Half, Cycle>): void {
  from.covers = covers;
  const reached = [from];
  for (let cycle = reached.pop(); cycle; cycle = reached.pop())
    for (const { twin, edge } of cycle.halves) {
      const across = cycleOf.get(twin);
      if (!across || across.covers) continue;
      across.covers = inOneOnly(cycle.covers ?? [], edge.owners);
      reached.push(across);
    }
}

function leftmost({ halves }: Cycle): Point {
  return halves
    .map(({ from }) => from)
    .reduce((best, each) =>
      each.x < best.x || (each.x === best.x && each.y < best.y) ? each : best,
    );
}

/**
 * The nearest half to the left of the corner of a group, on the side that faces it. The group's own edges lie to its
 * right. An end that is as high as the corner counts as just below it.
 */
function nearestToTheLeft(halves: readonly Half[], corner: Point): Half | undefined {
  let nearest: Half | undefined;
  for (const half of halves) {
    const { from, to } = half;
    const isAtHeight = to.y <= corner.y && corner.y < from.y;
    if (!isAtHeight || side(from, to, corner) <= 0) continue;
    if (!nearest || isRightOf(half, nearest)) nearest = half;
  }
  return nearest;
}

/** Of two that pass the same height and do not cross, and run down in y. */
function isRightOf(p: Half, q: Half): boolean {
  if (p.to.y < q.to.y) return !isRightOf(q, p);
  return (side(q.to, q.from, p.to) || side(q.to, q.from, p.from)) < 0;
}

/** Its corners, but for those that its line runs straight through. */
function ringOf(halves: readonly Half[]): Polygon {
  return halves.flatMap(({ from, to }, at) => {
    const before = halves[(at + halves.length - 1) % halves.length] as Half;
    return side(before.from, from, to) === 0 ? [] : [from];
  });
}
