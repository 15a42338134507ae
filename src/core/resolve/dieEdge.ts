import { evenly } from '../geometry/evenly';
import type { Polygon } from '../geometry/flattenPath';
import { lengthFromTicks, zeroLength } from '../length/length';
import { asTyped } from '../length/typedLength';
import { edgeOf } from '../outline/edgeOf';
import { stretched } from '../outline/stretched';
import type { DieSet } from '../plan/libraryItem';
import { mostDiePoints } from '../plan/planFacts';
import type { SceneLine } from '../plan/scene';

type DieEdge = Extract<SceneLine['edge'], { by: 'die' }>;

/**
 * The edge of the largest die of a set laid across a paper, in its middle, with the middle of the edge so high; of the two
 * edges the one that goes up and down the more. Undefined for a die of no shape.
 * @param paper how wide it is, in ticks
 * @param down to the middle of the edge from the top of the paper, in ticks
 * @param marks it is laid on the nearest of those of a ruler, so many ticks apart
 */
export function dieEdge(
  { name, shape, steps: [largest] }: Pick<DieSet, 'name' | 'shape' | 'steps'>,
  paper: { readonly width: number },
  down: number,
  marks: number,
): DieEdge | undefined {
  if (!shape || !largest) return undefined;
  const { width, height } = largest;
  const box = { x: zeroLength, y: zeroLength, width: width.ticks, height: height.ticks };
  const outline = stretched(shape, box);
  const [top, bottom] = [edgeOf(outline, 'top'), edgeOf(outline, 'bottom')];
  const edge = swing(bottom) > swing(top) ? bottom : top;
  const [least, most] = heights(edge);
  const middle = Math.round((least + most) / 2);
  const onMark = (ticks: number) => asTyped(lengthFromTicks(Math.round(ticks / marks) * marks));
  return {
    by: 'die',
    name: name.slice(0, 80),
    x: onMark((paper.width - width.ticks) / 2),
    y: onMark(down - middle),
    corners: evenly(edge, mostDiePoints).map(({ x, y }) => ({ x, y })),
  };
}

function heights(line: Polygon): readonly [least: number, most: number] {
  const all = line.map(({ y }) => y);
  return [Math.min(...all), Math.max(...all)];
}

function swing(line: Polygon): number {
  const [least, most] = heights(line);
  return most - least;
}
