import type { Polygon } from '../geometry/flattenPath';
import { boundsOf, rounded, type Outline } from '../outline/outline';
import { arrange, outlineOfParts } from './arrange';

/** One strip of a paper, between two lines across it, or the disc that is kept in the highest. */
export interface Strip {
  /** From the top: so many lines lie above it. The disc comes after all strips. */
  readonly at: number;
  /** On whole ticks; what it shares with its neighbours are the same points on both. */
  readonly outline: Outline;
  /** Square ticks, exact. */
  readonly area: number;
}

/**
 * The strips a paper falls into along lines that run across it from left to right, such as hills and waves: noded once on
 * whole ticks, so that they fit each other exactly and together are the paper. Where lines cross, a strip may fall into
 * several parts, or none.
 * ```
 *   +-----------+        0, and the disc in it
 *   | ~~~ ~(o)~ |  line
 *   |~   ~      |        1
 *   |  ~~~~~    |  line
 *   +-----------+        2
 * ```
 * @param paper in ticks
 * @param lines from the top, each as points from left to right; they are carried on level to both sides
 * @param disc kept in the highest strip, as far as that reaches; left out where it is undefined
 */
export function stripsOf(
  paper: Outline,
  lines: readonly Polygon[],
  disc?: Outline,
): readonly Strip[] {
  const { x0, x1, y1 } = boundsOf([...paper, ...lines]);
  // Just beyond all there is: the farther, the more there is to arrange.
  const [left, right, bottom] = [x0 - 1, x1 + 1, y1 + 1];
  const below = lines.map((line) => belowLine(line, left, right, bottom));
  const discAt = lines.length + 1;
  const faces = arrange([paper, ...below, ...(disc ? [disc] : [])]).filter(({ covers }) =>
    covers.includes(0),
  );
  const stripAt = (covers: readonly number[]) => {
    const above = covers.filter((index) => index > 0 && index < discAt).length;
    return above === 0 && covers.includes(discAt) ? discAt : above;
  };
  return Array.from({ length: discAt + (disc ? 1 : 0) }, (_, at) => {
    const parts = faces.filter(({ covers }) => stripAt(covers) === at);
    return {
      at,
      outline: outlineOfParts(parts),
      area: parts.reduce((sum, { area }) => sum + area, 0),
    };
  });
}

/** What lies below each line, and how far; a line that stays keeps it, so that only what is under another is arranged anew. */
const known = new WeakMap<Polygon, { readonly within: string; readonly outline: Outline }>();

function belowLine(line: Polygon, left: number, right: number, bottom: number): Outline {
  const within = `${left} ${right} ${bottom}`;
  const before = known.get(line);
  if (before?.within === within) return before.outline;
  const [first, last] = [line[0], line.at(-1)];
  if (!first || !last) return [];
  const ring = [
    { x: left, y: first.y },
    ...line,
    { x: right, y: last.y },
    { x: right, y: bottom },
    { x: left, y: bottom },
  ];
  const outline = [ring.map(rounded)];
  known.set(line, { within, outline });
  return outline;
}
