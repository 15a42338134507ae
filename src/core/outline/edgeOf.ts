import type { Polygon } from '../geometry/flattenPath';
import { signedArea, type Outline } from './outline';

/** The upper or lower edge of an outline, from its leftmost point to its rightmost; of several lines, of the largest. */
export function edgeOf(outline: Outline, side: 'top' | 'bottom'): Polygon {
  const [largest] = outline.toSorted((a, b) => Math.abs(signedArea(b)) - Math.abs(signedArea(a)));
  if (!largest) return [];
  const sign = side === 'top' ? 1 : -1;
  // Of an upright side the end that belongs to the edge.
  const leftmost = indexOfLeast(largest, ({ x, y }) => [x, sign * y]);
  const rightmost = indexOfLeast(largest, ({ x, y }) => [-x, sign * y]);
  const onward = walk(largest, leftmost, rightmost);
  const back = walk(largest, rightmost, leftmost).toReversed();
  return sign * meanHeight(onward) <= sign * meanHeight(back) ? onward : back;
}

function indexOfLeast(
  line: Polygon,
  rank: (point: Polygon[number]) => readonly [number, number],
): number {
  return line.reduce((best, point, at) => {
    const [a, b] = rank(point);
    const [c, d] = rank(line[best] ?? point);
    return a < c || (a === c && b < d) ? at : best;
  }, 0);
}

function walk(line: Polygon, from: number, to: number): Polygon {
  const count = ((to - from + line.length) % line.length) + 1;
  return Array.from({ length: count }, (_, step) => line[(from + step) % line.length]).flatMap(
    (point) => point ?? [],
  );
}

/** Of the way itself, so that points that stand close do not count for more. */
function meanHeight(line: Polygon): number {
  let length = 0;
  let sum = 0;
  line.forEach((point, at) => {
    const next = line[at + 1];
    if (!next) return;
    const step = Math.hypot(next.x - point.x, next.y - point.y);
    length += step;
    sum += (step * (point.y + next.y)) / 2;
  });
  return length > 0 ? sum / length : (line[0]?.y ?? 0);
}
