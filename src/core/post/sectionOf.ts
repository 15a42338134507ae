import type { Point } from '../geometry/flattenPath';
import { longerOf, subtractLengths, sumLengths, zeroLength, type Length } from '../length/length';
import type { Outline } from '../outline/outline';
import { layersAt, type HeightMap, type Layer } from './heightMap';

/** What a card is cut through along: from one point to another, in ticks from the top left corner of the front. */
export interface SectionLine {
  readonly from: Point;
  readonly to: Point;
}

/** A stretch of one layer that is cut through. */
export interface SectionBlock {
  readonly kind: Layer['kind'];
  readonly name: string | undefined;
  readonly plate: string | undefined;
  /** Along the line, in ticks from where it begins. */
  readonly start: number;
  readonly end: number;
  /** Height of its lower and its upper side above what the card lies on. */
  readonly low: Length;
  readonly high: Length;
}

/**
 * The closed card cut through along a line, each layer where it lies; the leaves lie level, and what is on the back is
 * under them. Air between the leaves is told as air.
 */
export function sectionOf(map: HeightMap, { from, to }: SectionLine): readonly SectionBlock[] {
  const { stack } = map;
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  if (length === 0) return [];
  const outlines = [stack.face, ...stack.plates.map(({ outline }) => outline)];
  const crossings = outlines.map((outline) => crossingsOf(outline, from, to));
  const ends = [...new Set(crossings.flat())].toSorted((a, b) => a - b);
  const columns = ends.slice(0, -1).flatMap((start, at) => {
    const end = ends[at + 1] ?? start;
    const middle = (start + end) / 2;
    const covers = crossings.flatMap((own, index) => (isWithin(own, middle) ? [index] : []));
    return covers.length === 0 ? [] : [{ start, end, ...columnOf(map, covers) }];
  });
  // The back stands off what the card lies on as far as what is highest under it.
  const under = columns.reduce((most, { below }) => longerOf(most, below), zeroLength);
  const open = new Map<string, SectionBlock>();
  const blocks: SectionBlock[] = [];
  for (const { start, end, ...column } of columns) {
    const own = new Map<string, SectionBlock>();
    for (const block of blocksIn(column, under)) {
      const key = `${block.kind} ${block.plate} ${block.name} ${block.low} ${block.high}`;
      const before = open.get(key);
      const isNext = before !== undefined && Math.abs(before.end - start * length) < 1;
      const next = {
        ...block,
        start: isNext ? before.start : start * length,
        end: end * length,
      };
      if (isNext) blocks.splice(blocks.indexOf(before), 1);
      blocks.push(next);
      own.set(key, next);
    }
    open.clear();
    for (const [key, block] of own) open.set(key, block);
  }
  return blocks;
}

/** What lies at one place of the line. */
interface Column {
  /** From the lowest up. */
  readonly layers: readonly Layer[];
  /** What lies on the back. */
  readonly below: Length;
  readonly isOnCard: boolean;
}

/** @param covers the card, 0, and the plates that lie there, from 1 */
function columnOf(map: HeightMap, covers: readonly number[]): Column {
  const plates = covers.filter((at) => at > 0).map((at) => at - 1);
  const layers = layersAt(map, { covers: plates }).toReversed();
  const back = layers.findIndex(({ kind }) => kind === 'leaf');
  const below = sumLengths(...layers.slice(0, back).map(({ height }) => height));
  return { layers, below, isOnCard: covers[0] === 0 };
}

function blocksIn(
  { layers, below, isOnCard }: Column,
  under: Length,
): readonly Omit<SectionBlock, 'start' | 'end'>[] {
  let low = subtractLengths(under, below);
  return layers.flatMap((layer) => {
    const high = sumLengths(low, layer.height);
    const block = {
      ...{ kind: layer.kind, name: layer.name, plate: layer.plate },
      ...{ low, high },
    };
    low = high;
    // Beyond its edge there is no card under what hangs over.
    return layer.kind === 'leaf' && !isOnCard ? [] : [block];
  });
}

/** Where a line crosses an outline, as shares of the line from 0 to 1, ascending; its ends where they lie within. */
function crossingsOf(outline: Outline, from: Point, to: Point): readonly number[] {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const side = ({ x, y }: Point) => dx * (y - from.y) - dy * (x - from.x);
  const shares: number[] = [];
  for (const polygon of outline)
    for (let at = 0; at < polygon.length; at++) {
      const [a, b] = [polygon[at], polygon[(at + 1) % polygon.length]];
      if (!a || !b) continue;
      const [one, other] = [side(a), side(b)];
      // A point on the line counts as lying on one side of it, so that each corner is met once.
      if (one > 0 === other > 0) continue;
      const share = one / (one - other);
      const point = { x: a.x + share * (b.x - a.x), y: a.y + share * (b.y - a.y) };
      shares.push(((point.x - from.x) * dx + (point.y - from.y) * dy) / (dx * dx + dy * dy));
    }
  const sorted = shares.toSorted((a, b) => a - b);
  const pairs: number[] = [];
  for (let at = 0; at + 1 < sorted.length; at += 2) {
    const [start, end] = [Math.max(0, sorted[at] ?? 0), Math.min(1, sorted[at + 1] ?? 0)];
    if (start < end) pairs.push(start, end);
  }
  return pairs;
}

function isWithin(pairs: readonly number[], at: number): boolean {
  return pairs.some(
    (start, index) => index % 2 === 0 && start < at && at < (pairs[index + 1] ?? 0),
  );
}
