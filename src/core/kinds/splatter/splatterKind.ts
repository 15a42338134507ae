import { corners } from '../../outline/outline';
import { dropStrokes } from '../dropStrokes';
import { groundSize, laidGround } from '../groundSize';
import { sized, type MarkKind } from '../markKind';
import { paintOf } from '../paint';
import { mapSource, sourceItems } from '../sourceItems';

/** The smallest drops, of the largest. */
const smallest = 0.12;

/** Drops of paint thinned until it drips, few of them large. */
export const splatterKind: MarkKind<'splatter'> = {
  laid: laidGround,
  isSmall: false,
  goesThroughJig: false,
  sortOf: () => 'splatter',
  paints: ({ ink }, context) => [paintOf(ink, context)],
  items: ({ ink }) => sourceItems(ink),
  withItems: (piece, map) => ({ ...piece, ink: mapSource(piece.ink, map) }),
  size: ({ zone }, _, under) => sized(groundSize(zone, under)),
  outline: ({ rect }) => [corners(rect)],
  strokes: ({ piece: { count, largest, seed }, rect, paints: [paint] }) => {
    const radius = largest.ticks / 2;
    return dropStrokes(rect, count, [radius * smallest, radius], seed, paint);
  },
};
