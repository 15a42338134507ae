import { fitWords } from '../../lettering/setWords';
import { subtractLengths, sumLengths, zeroLength, type Size } from '../../length/length';
import { corners } from '../../outline/outline';
import { clipped, stretched } from '../../outline/stretched';
import { findStamp } from '../../plan/library';
import type { PieceOf } from '../../plan/piece';
import { sized, type MarkKind, type SizedMark } from '../markKind';
import { paintOfCombination, paintOfPrint, type Paint, type PaintContext } from '../paint';
import { mapPrint, mapSource, printItems, sourceItems } from '../sourceItems';
import { wordOutline } from '../wordOutline';
import { stampStrokes } from './stampStrokes';

/** The print of a stamp: as large as its box, less what is masked off; a sentiment prints words. */
export const imageKind: MarkKind<'image'> = {
  laid: () => 'mark',
  isSmall: false,
  goesThroughJig: true,
  sortOf: ({ piece, stamp }) =>
    stamp?.words ? 'sentiment' : piece.crop ? 'part of an image' : 'image',
  paints: ({ layers }, context) => layers.map((layer) => paintOfLayer(layer, context)),
  items: ({ stamp, layers, finishes }) => [
    stamp,
    ...layers.flatMap((layer) => (layer?.by === 'print' ? printItems(layer) : [])),
    ...finishes.flatMap(({ from }) => sourceItems(from)),
  ],
  withItems: (piece, map) => ({
    ...piece,
    stamp: map(piece.stamp),
    layers: piece.layers.map((layer) => (layer?.by === 'print' ? mapPrint(layer, map) : layer)),
    finishes: piece.finishes.map((each) => ({ ...each, from: mapSource(each.from, map) })),
  }),
  size: (piece, library) => {
    const stamp = findStamp(library, piece.stamp);
    if (!stamp) return { ok: false, reason: { code: 'no-stamp' } };
    const whole = { width: stamp.width.ticks, height: stamp.height.ticks };
    const words = stamp.words ? fitWords({ ...stamp.words, align: 'centre' }, whole) : undefined;
    return sized(whole, { stamp, words, shown: shownOf(whole, piece.crop) });
  },
  outline: (mark) => {
    const { rect, whole, stamp, words } = mark;
    if (words) return wordOutline(words, mark);
    if (!stamp) return [corners(rect)];
    const print = stretched(stamp.shape, whole);
    const isWhole = rect.width === whole.width && rect.height === whole.height;
    return isWhole ? print : clipped(print, corners(rect));
  },
  strokes: ({ paints, stamp, words, whole }) =>
    stamp ? stampStrokes(stamp, whole, paints, words) : [],
};

/** What is left as it is shows what is under it, as a layer of no thickness. */
function paintOfLayer(
  layer: PieceOf<'image'>['layers'][number],
  context: PaintContext,
): Paint | undefined {
  switch (layer?.by) {
    case undefined:
      return undefined;
    case 'print':
      return paintOfPrint(layer, context);
    case 'combination':
      return paintOfCombination(layer.combination, context);
    case 'nothing':
      return {
        colour: context.ground.colour,
        from: { kind: 'nothing' },
        coats: [{ colour: '#ffffff', opacity: 0, thickness: 0 }],
      };
    default:
      throw new TypeError(`paintOfLayer: unknown ${JSON.stringify(layer satisfies never)}`);
  }
}

function shownOf({ width, height }: Size, crop: PieceOf<'image'>['crop']): SizedMark['shown'] {
  if (!crop) return { x: zeroLength, y: zeroLength, width, height };
  return {
    x: crop.left.ticks,
    y: crop.top.ticks,
    width: subtractLengths(width, sumLengths(crop.left.ticks, crop.right.ticks)),
    height: subtractLengths(height, sumLengths(crop.top.ticks, crop.bottom.ticks)),
  };
}
