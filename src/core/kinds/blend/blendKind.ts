import { subtractLengths, sumLengths, timesLength, zeroLength } from '../../length/length';
import { corners, type Rect } from '../../outline/outline';
import type { PieceOf } from '../../plan/piece';
import { groundSize, laidGround } from '../groundSize';
import { sized, type MarkKind } from '../markKind';
import { paintOfStops } from '../paint';
import { mapStops, stopItems } from '../sourceItems';

/** Inks blended into one another over all of a paper, a zone, or what a taped margin leaves free. */
export const blendKind: MarkKind<'blend'> = {
  laid: laidGround,
  isSmall: false,
  goesThroughJig: false,
  sortOf: () => 'blend',
  paints: ({ stops, direction }, context) => [paintOfStops(stops, direction, context)],
  items: ({ stops }) => stopItems(stops),
  withItems: (piece, map) => ({ ...piece, stops: mapStops(piece.stops, map) }),
  size: ({ zone, margin }, _, under) => {
    const whole = groundSize(zone, under);
    const both = timesLength(margin?.ticks ?? zeroLength, 2);
    return whole.width > both && whole.height > both
      ? sized(whole)
      : { ok: false, reason: { code: 'nothing-shown' } };
  },
  outline: ({ rect, piece }) => [corners(coloured(rect, piece))],
  strokes: ({ rect, piece, paints: [paint] }) =>
    paint
      ? [
          {
            kind: 'path',
            path: 'M0 0H1V1H0Z',
            box: { width: 1, height: 1 },
            paint,
            lineWidth: 0,
            at: coloured(rect, piece),
          },
        ]
      : [],
};

/** What the tape leaves free. */
function coloured({ x, y, width, height }: Rect, { margin }: PieceOf<'blend'>): Rect {
  const tape = margin?.ticks ?? zeroLength;
  return {
    x: sumLengths(x, tape),
    y: sumLengths(y, tape),
    width: subtractLengths(width, timesLength(tape, 2)),
    height: subtractLengths(height, timesLength(tape, 2)),
  };
}
