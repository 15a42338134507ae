import { corners } from '../../outline/outline';
import { laidGround } from '../groundSize';
import { sized, type MarkKind } from '../markKind';
import { paintOf } from '../paint';
import { mapSource, sourceItems } from '../sourceItems';
import { thicknessOf } from '../coat';

/** Darkened along the edges of its paper, or lightened: strongest at the edge, fading inward. */
export const edgesKind: MarkKind<'edges'> = {
  laid: laidGround,
  isSmall: false,
  goesThroughJig: false,
  sortOf: () => 'edges',
  paints: ({ ink, strength }, context) => [paintOf(ink, context, thicknessOf(strength))],
  items: ({ ink }) => sourceItems(ink),
  withItems: (piece, map) => ({ ...piece, ink: mapSource(piece.ink, map) }),
  size: (_, __, { width, height }) => sized({ width, height }),
  outline: ({ rect }) => [corners(rect)],
  strokes: ({ piece: { width, laid }, paints: [paint], ground }) =>
    paint
      ? [
          {
            kind: 'edge',
            width: width.ticks,
            paint,
            ground: ground.colour,
            isLate: laid === 'after',
          },
        ]
      : [],
};
