import { fitWords } from '../../lettering/setWords';
import { subtractLengths, sumLengths, zeroLength, type Size } from '../../length/length';
import { corners } from '../../outline/outline';
import { clipped, stretched } from '../../outline/stretched';
import { findStamp } from '../../plan/library';
import type { PieceOf } from '../../plan/piece';
import { sized, type MarkKind, type SizedMark } from '../markKind';
import { paintOf, paintOfCombination, paintOfPrint, type Paint, type PaintContext } from '../paint';
import { mapPrint, mapSource, printItems, sourceItems } from '../sourceItems';
import { wordOutline } from '../wordOutline';
import { finishStrokes } from './finishStrokes';
import { partStrokes } from './partStrokes';
import { stampStrokes } from './stampStrokes';

/** The print of a stamp: as large as its box, less what is masked off; a sentiment prints words. */
export const imageKind: MarkKind<'image'> = {
  laid: () => 'mark',
  isSmall: false,
  goesThroughJig: true,
  sortOf: ({ piece, stamp }) =>
    stamp?.words ? 'sentiment' : piece.crop ? 'part of an image' : 'image',
  paints: ({ layers, parts, finishes }, context) => [
    ...layers.map((layer) => (layer ? paintOfLayer(layer, context) : undefined)),
    ...parts.map(({ colour }) => (colour ? paintOfLayer(colour, context) : paintOfBare(context))),
    ...finishes.map(({ from }) => paintOf(from, context)),
  ],
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
  strokes: (mark) => {
    const { piece, paints, stamp, words, whole } = mark;
    if (!stamp) return [];
    const ofLayers = paints.slice(0, piece.layers.length);
    if (words || stamp.layers.length === 0) return stampStrokes(stamp, whole, ofLayers, words);
    const { under, over } = finishStrokes(stamp, mark);
    return [
      ...under,
      ...stampStrokes(stamp, whole, ofLayers, words, partStrokes(stamp, mark)),
      ...over,
    ];
  },
};

function paintOfLayer(
  layer: NonNullable<PieceOf<'image'>['layers'][number]>,
  context: PaintContext,
): Paint | undefined {
  switch (layer.by) {
    case 'print':
      return paintOfPrint(layer, context);
    case 'combination':
      return paintOfCombination(layer.combination, context);
    case 'nothing':
      return paintOfBare(context, 'nothing');
    default:
      throw new TypeError(`paintOfLayer: unknown ${JSON.stringify(layer satisfies never)}`);
  }
}

/** What has no colour shows what is under it, as a layer of no thickness. */
function paintOfBare({ ground }: PaintContext, kind: 'nothing' | 'open' = 'open'): Paint {
  const coats = [{ colour: '#ffffff', opacity: 0, thickness: 0 }];
  return { colour: ground.colour, from: { kind }, coats };
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
