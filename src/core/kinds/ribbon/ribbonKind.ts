import { millimetres, sumLengths, zeroLength, type Length } from '../../length/length';
import type { PieceOf } from '../../plan/piece';
import type { BowLook } from '../../plan/pieces/looks';
import { sized, type MarkKind } from '../markKind';
import { paintOf } from '../paint';
import { mapStuck, stuckItems } from '../sourceItems';
import { ribbonShape, united } from './ribbonShape';

/** How thick flat ribbon is; twine is as thick as it is wide. From memory. */
const ribbonThickness = millimetres(0.3);

/** How far loops and knot stand up from the ribbon they lie on. From memory. */
const bowHeights: Readonly<Record<BowLook, Length>> = {
  bow: millimetres(4),
  flat: millimetres(1.2),
  knot: millimetres(2),
};

export function thicknessOfRibbon({ look, width }: PieceOf<'ribbon'>): Length {
  return look === 'twine' ? width.ticks : ribbonThickness;
}

export function heightOfBow({ bow }: PieceOf<'ribbon'>): Length {
  return bow ? bowHeights[bow.look] : zeroLength;
}

/** Ribbon or twine, as long as what it lies on. */
export const ribbonKind: MarkKind<'ribbon'> = {
  laid: () => 'late',
  isSmall: false,
  goesThroughJig: false,
  sortOf: ({ piece }) => piece.look,
  paints: ({ colour }, context) => [paintOf(colour, context)],
  items: stuckItems,
  withItems: mapStuck,
  size: (piece, _, under) => {
    const height = sumLengths(thicknessOfRibbon(piece), heightOfBow(piece));
    const { ticks } = piece.width;
    return piece.runs === 'across'
      ? sized({ width: under.width, height: ticks }, { height })
      : sized({ width: ticks, height: under.height }, { height });
  },
  outline: ({ piece, rect }) => {
    const { flat, bow } = ribbonShape(piece, rect);
    return united([...flat.map((each) => [each]), bow]);
  },
  strokes: ({ piece, rect, paints: [paint] }) =>
    paint
      ? ribbonShape(piece, rect).paths.map(({ isLoop, ...path }) => ({
          kind: 'ribbon',
          ...path,
          paint,
          lineWidth: isLoop && piece.look === 'twine' ? piece.width.ticks : 0,
        }))
      : [],
};
