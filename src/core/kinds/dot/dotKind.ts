import { millimetres, zeroLength } from '../../length/length';
import { rounded, type Rect } from '../../outline/outline';
import type { Polygon } from '../../geometry/flattenPath';
import { sized, type MarkKind } from '../markKind';
import { paintOf } from '../paint';
import { mapStuck, stuckItems } from '../sourceItems';

/** How far what is stuck on stands up. From memory. */
const heights = {
  dot: millimetres(1),
  gem: millimetres(2),
  sequin: millimetres(0.3),
  drop: millimetres(1.5),
  splatter: zeroLength,
} as const;

/** Something round that is stuck, dropped or splattered on, at the end. */
export const dotKind: MarkKind<'dot'> = {
  laid: () => 'late',
  isSmall: true,
  goesThroughJig: true,
  sortOf: ({ piece }) => piece.look,
  paints: ({ colour }, context) => [paintOf(colour, context)],
  items: stuckItems,
  withItems: mapStuck,
  size: ({ diameter: { ticks }, look }) =>
    sized({ width: ticks, height: ticks }, { height: heights[look] }),
  outline: ({ rect }) => [circle(rect)],
  strokes: ({ piece: { look }, paints: [paint] }) => (paint ? [{ kind: 'dot', look, paint }] : []),
};

/** Points round a dot; the chords stay within a hundredth of its radius. */
const roundness = 24;

function circle({ x, y, width }: Rect): Polygon {
  const radius = width / 2;
  return Array.from({ length: roundness }, (_, index) => {
    const angle = (index * 2 * Math.PI) / roundness;
    return rounded({
      x: x + radius + radius * Math.cos(angle),
      y: y + radius + radius * Math.sin(angle),
    });
  });
}
