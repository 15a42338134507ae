import { setWords } from '../../lettering/setWords';
import { corners } from '../../outline/outline';
import { sized, type MarkKind } from '../markKind';
import { paintOfPrint } from '../paint';
import { mapPrint, printItems } from '../sourceItems';
import { wordOutline, wordStroke } from '../wordOutline';

/** Words set in a lettering: as large as their ink. */
export const wordsKind: MarkKind<'words'> = {
  laid: () => 'mark',
  isSmall: false,
  goesThroughJig: true,
  sortOf: () => 'words',
  paints: ({ print }, context) => [paintOfPrint(print, context)],
  items: ({ print }) => printItems(print),
  withItems: (piece, map) => ({ ...piece, print: mapPrint(piece.print, map) }),
  size: (piece) => {
    const words = setWords(piece, piece.xHeight.ticks);
    return sized({ width: words.width, height: words.height }, { words });
  },
  outline: (mark) => (mark.words ? wordOutline(mark.words, mark) : [corners(mark.rect)]),
  strokes: ({ piece, words, paints: [paint] }) =>
    words && paint ? [wordStroke(words, piece.lettering, paint)] : [],
};
