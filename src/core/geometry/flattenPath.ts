import svgpath from 'svgpath';

/** A point, in whatever units its outline has. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** A closed line from point to point; the last is joined to the first. */
export type Polygon = readonly Point[];

/** What is wrong with a path; undefined where it can be drawn. */
export function pathIssue(path: string): string | undefined {
  // The reader keeps what it could read and tells the rest in a field its types leave out.
  const { err } = svgpath(path) as unknown as { readonly err: string };
  return err === '' ? undefined : err;
}

/** Of the larger side of a path, where nobody says how near its chords are to keep: as cut of 10 cm. */
const usualError = 1 / 5000;

/** A line of a path as read: where it starts, and the curves and straight lines that follow. */
interface ReadLine {
  readonly start: Point;
  readonly parts: (readonly [Point, Point, Point] | Point)[];
  isClosed: boolean;
}

/**
 * The closed lines of an SVG path, its curves as chords that stray from them by no more than `error`, in the
 * path's own units; by default a five thousandth of its larger side. Paths left open are closed; those of fewer than
 * three points, which enclose nothing, are left out.
 * @throws Error saying what is wrong with the path.
 * @example flattenPath('M0 0H2V2Z') // [[{ x: 0, y: 0 }, { x: 2, y: 0 }, { x: 2, y: 2 }]]
 */
export function flattenPath(path: string, error?: number): readonly Polygon[] {
  return chordsOf(path, error).flatMap(({ points }) => {
    const closed = withoutRepeats(points);
    return closed.length >= 3 ? [closed] : [];
  });
}

/**
 * The lines of an SVG path as a pen draws along them, in the same chords. Each goes to its end and back the same way, so
 * that it encloses nothing, wherever it is open or closed.
 * @throws Error saying what is wrong with the path.
 * @example flattenLines('M0 0H2V2') // [[{ x: 0, y: 0 }, { x: 2, y: 0 }, { x: 2, y: 2 }, { x: 2, y: 0 }]]
 */
export function flattenLines(path: string, error?: number): readonly Polygon[] {
  return chordsOf(path, error).map(({ points, isClosed }) => {
    const there = isClosed ? [...points, ...points.slice(0, 1)] : points;
    return [...there, ...there.slice(1, -1).reverse()];
  });
}

/** A line as a pen goes along it; a closed one ends where it begins, without saying that point twice. */
export interface Way {
  readonly points: Polygon;
  readonly isClosed: boolean;
}

/** The lines of an SVG path as ways, in the same chords. @throws Error saying what is wrong with the path. */
export function flattenWays(path: string, error?: number): readonly Way[] {
  return chordsOf(path, error);
}

/** Each line of a path as chords. */
function chordsOf(path: string, error: number | undefined): readonly Way[] {
  const lines = readLines(path);
  const allowed = error ?? usualError * reachOf(lines);
  return lines.map(({ start, parts, isClosed }) => {
    const points: Point[] = [start];
    for (const part of parts) {
      const from = points.at(-1) ?? start;
      if ('x' in part) points.push(part);
      else points.push(...cubic(from, ...part, allowed));
    }
    return { points, isClosed };
  });
}

function readLines(path: string): readonly ReadLine[] {
  const issue = pathIssue(path);
  if (issue !== undefined) throw new Error(`flattenPath: ${issue}`);
  const lines: ReadLine[] = [];
  let line: ReadLine | undefined;
  const read = svgpath(path).abs().unarc().unshort();
  read.iterate(([command, ...args], _index, x, y) => {
    const at = (index: number) => args[index] ?? 0;
    const start = (from: Point) => {
      line = { start: from, parts: [], isClosed: false };
      lines.push(line);
      return line;
    };
    if (command === 'M') {
      start({ x: at(0), y: at(1) });
      return;
    }
    const { parts } = line ?? start({ x, y });
    switch (command) {
      case 'L':
        parts.push({ x: at(0), y: at(1) });
        break;
      case 'H':
        parts.push({ x: at(0), y });
        break;
      case 'V':
        parts.push({ x, y: at(0) });
        break;
      case 'C':
        parts.push([point(at, 0), point(at, 2), point(at, 4)]);
        break;
      case 'Q': {
        const [middle, end] = [point(at, 0), point(at, 2)];
        parts.push([towards({ x, y }, middle, 2 / 3), towards(end, middle, 2 / 3), end]);
        break;
      }
      case 'Z':
        if (line) line.isClosed = true;
        line = undefined;
        break;
      default:
        throw new Error(`flattenPath: unknown command ${String(command)}`);
    }
  });
  return lines;
}

/** The larger side of the box round all points, those that pull at curves too. */
function reachOf(lines: readonly ReadLine[]): number {
  const points = lines.flatMap(({ start, parts }) => [
    start,
    ...parts.flatMap((part) => ('x' in part ? [part] : part)),
  ]);
  const side = (axis: 'x' | 'y') => {
    let [least, most] = [Infinity, -Infinity];
    for (const { [axis]: at } of points) [least, most] = [Math.min(least, at), Math.max(most, at)];
    return most - least;
  };
  return points.length === 0 ? 0 : Math.max(side('x'), side('y'));
}

const point = (at: (index: number) => number, index: number): Point => ({
  x: at(index),
  y: at(index + 1),
});

const towards = (from: Point, to: Point, part: number): Point => ({
  x: from.x + (to.x - from.x) * part,
  y: from.y + (to.y - from.y) * part,
});

/**
 * The chords of a curve without its start. A curve of third degree strays from `n` chords of equal steps by at most
 * 3/4 of the larger second difference of its points over n squared, since it bends by at most six times that
 * difference, and a chord over a step h leaves h squared times an eighth of the bend. Wang's formula, as in
 * Sederberg, 'Computer Aided Geometric Design', chapter 10.
 */
function cubic(a: Point, b: Point, c: Point, d: Point, error: number): readonly Point[] {
  const second = (p: Point, q: Point, r: Point) =>
    Math.hypot(p.x - 2 * q.x + r.x, p.y - 2 * q.y + r.y);
  const bend = Math.max(second(a, b, c), second(b, c, d));
  // A path of no extent allows no error, and has no bend either.
  const chords = bend === 0 ? 1 : Math.max(1, Math.ceil(Math.sqrt((0.75 * bend) / error)));
  return Array.from({ length: Math.min(chords, mostChords) }, (_, index) => {
    const t = (index + 1) / Math.min(chords, mostChords);
    const s = 1 - t;
    const [wa, wb, wc, wd] = [s * s * s, 3 * s * s * t, 3 * s * t * t, t * t * t];
    return {
      x: wa * a.x + wb * b.x + wc * c.x + wd * d.x,
      y: wa * a.y + wb * b.y + wc * c.y + wd * d.y,
    };
  });
}

/** However small the error: a curve of this many chords looks round at any size that is cut. */
const mostChords = 256;

function withoutRepeats(polygon: readonly Point[]): Point[] {
  return polygon.filter((each, index) => {
    const next = polygon[(index + 1) % polygon.length];
    return polygon.length > 1 && (each.x !== next?.x || each.y !== next.y);
  });
}
