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

/** Chords to a curve. With 12 a quarter of a circle is followed to a thousandth of its radius. */
const chords = 12;

/**
 * The closed lines of an SVG path, its curves as chords. Paths left open are closed; those of fewer than
 * three points, which enclose nothing, are left out.
 * @throws Error saying what is wrong with the path.
 * @example flattenPath('M0 0H2V2Z') // [[{ x: 0, y: 0 }, { x: 2, y: 0 }, { x: 2, y: 2 }]]
 */
export function flattenPath(path: string): readonly Polygon[] {
  const issue = pathIssue(path);
  if (issue !== undefined) throw new Error(`flattenPath: ${issue}`);
  const read = svgpath(path).abs().unarc().unshort();
  const polygons: Point[][] = [];
  let polygon: Point[] = [];
  const close = () => {
    const closed = withoutRepeats(polygon);
    if (closed.length >= 3) polygons.push(closed);
    polygon = [];
  };
  read.iterate(([command, ...args], _index, x, y) => {
    const at = (index: number) => args[index] ?? 0;
    const start = { x, y };
    if (polygon.length === 0 && command !== 'M') polygon.push(start);
    switch (command) {
      case 'M':
        close();
        polygon.push({ x: at(0), y: at(1) });
        break;
      case 'L':
        polygon.push({ x: at(0), y: at(1) });
        break;
      case 'H':
        polygon.push({ x: at(0), y });
        break;
      case 'V':
        polygon.push({ x, y: at(0) });
        break;
      case 'C':
        polygon.push(...cubic(start, point(at, 0), point(at, 2), point(at, 4)));
        break;
      case 'Q': {
        const [middle, end] = [point(at, 0), point(at, 2)];
        polygon.push(
          ...cubic(start, towards(start, middle, 2 / 3), towards(end, middle, 2 / 3), end),
        );
        break;
      }
      case 'Z':
        close();
        break;
      default:
        throw new Error(`flattenPath: unknown command ${String(command)}`);
    }
  });
  close();
  return polygons;
}

const point = (at: (index: number) => number, index: number): Point => ({
  x: at(index),
  y: at(index + 1),
});

const towards = (from: Point, to: Point, part: number): Point => ({
  x: from.x + (to.x - from.x) * part,
  y: from.y + (to.y - from.y) * part,
});

function cubic(a: Point, b: Point, c: Point, d: Point): readonly Point[] {
  return Array.from({ length: chords }, (_, index) => {
    const t = (index + 1) / chords;
    const s = 1 - t;
    const [wa, wb, wc, wd] = [s * s * s, 3 * s * s * t, 3 * s * t * t, t * t * t];
    return {
      x: wa * a.x + wb * b.x + wc * c.x + wd * d.x,
      y: wa * a.y + wb * b.y + wc * c.y + wd * d.y,
    };
  });
}

function withoutRepeats(polygon: readonly Point[]): Point[] {
  return polygon.filter((each, index) => {
    const next = polygon[(index + 1) % polygon.length];
    return polygon.length > 1 && (each.x !== next?.x || each.y !== next.y);
  });
}
