import { corners } from '../../outline/outline';
import { noItems, sized, type MarkKind } from '../markKind';
import { wish } from '../paint';

/** What is drawn by hand is drawn in a box of so many units. */
const drawnBox = { width: 1000, height: 1000 };

/** Drawn by hand, in a box stretched to its size; a jig has no opening for it. */
export const drawnKind: MarkKind<'drawn'> = {
  laid: 'mark',
  isSmall: false,
  goesThroughJig: false,
  sortOf: () => 'drawn',
  paints: ({ colour }) => [wish(colour)],
  ...noItems,
  size: ({ width, height }) => sized({ width: width.ticks, height: height.ticks }),
  outline: ({ rect }) => [corners(rect)],
  strokes: ({ piece: { path, lineWidth }, paints: [paint] }) => {
    if (!paint) return [];
    const { colour } = paint;
    return [
      { kind: 'path', path, box: drawnBox, colour, lineWidth: lineWidth.ticks, at: undefined },
    ];
  },
};
