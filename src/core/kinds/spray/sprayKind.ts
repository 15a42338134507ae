import { millimetres, TICKS_PER_MILLIMETRE } from '../../length/length';
import { corners } from '../../outline/outline';
import { dropStrokes } from '../dropStrokes';
import { groundSize, laidGround } from '../groundSize';
import { sized, type MarkKind } from '../markKind';
import { paintOf } from '../paint';
import { mapSource, sourceItems } from '../sourceItems';

/** The smallest and largest droplets of a mist, by their radius; from memory. */
const droplet = [millimetres(0.1), millimetres(0.4)] as const;
/** The mean area of droplets of those radii, whose share falls as a cube. */
const meanArea = (TICKS_PER_MILLIMETRE ** 2 * 950) / 10_000;
/** More are not told apart and only make the drawing slow. */
const mostDroplets = 900;

/** A mist sprayed over paper. */
export const sprayKind: MarkKind<'spray'> = {
  laid: laidGround,
  isSmall: false,
  goesThroughJig: false,
  sortOf: () => 'spray',
  paints: ({ ink }, context) => [paintOf(ink, context)],
  items: ({ ink }) => sourceItems(ink),
  withItems: (piece, map) => ({ ...piece, ink: mapSource(piece.ink, map) }),
  size: ({ zone }, _, under) => sized(groundSize(zone, under)),
  outline: ({ rect }) => [corners(rect)],
  strokes: ({ piece: { density, seed }, rect, paints: [paint] }) => {
    const count = Math.ceil((density * rect.width * rect.height) / meanArea);
    // Fewer droplets than there are cover as much where they are larger.
    const larger = Math.sqrt(Math.max(1, count / mostDroplets));
    const radii = [droplet[0] * larger, droplet[1] * larger] as const;
    return dropStrokes(rect, Math.min(count, mostDroplets), radii, seed, paint);
  },
};
