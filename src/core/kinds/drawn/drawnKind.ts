import { corners } from '../../outline/outline';
import { sized, type MarkKind } from '../markKind';
import { paintOf } from '../paint';
import { mapSource, sourceItems } from '../sourceItems';

/** What is drawn by hand is drawn in a box of so many units. */
const drawnBox = { width: 1000, height: 1000 };

/** Drawn by hand, in a box stretched to its size; a jig has no opening for it. */
export const drawnKind: MarkKind<'drawn'> = {
  laid: () => 'mark',
  isSmall: false,
  goesThroughJig: false,
  sortOf: () => 'drawn',
  paints: ({ colour }, context) => [paintOf(colour, context)],
  items: ({ colour }) => sourceItems(colour),
  withItems: (piece, map) => ({ ...piece, colour: mapSource(piece.colour, map) }),
  size: ({ width, height }) => sized({ width: width.ticks, height: height.ticks }),
  outline: ({ rect }) => [corners(rect)],
  strokes: ({ piece: { path, lineWidth }, paints: [paint] }) =>
    paint
      ? [{ kind: 'path', path, box: drawnBox, paint, lineWidth: lineWidth.ticks, at: undefined }]
      : [],
};
