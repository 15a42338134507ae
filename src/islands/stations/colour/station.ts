import { colourParts } from '../../../core/inking/colourParts';
import { paletteOf } from '../../../core/inking/palette';
import { countWords } from '../../../core/words/countWords';
import { figureNow, type Station } from '../../session/station';

/** Colour: what everything is printed and coloured with, and how it looks on its paper. */
export const colourStation: Station = {
  id: 'colour',
  name: 'Colour',
  digit: '4',
  figure: ({ card }) =>
    figureNow(countWords(paletteOf(colourParts(card)).colours.length, 'colour')),
  mends: ['colours'],
  loadRules: async () => (await import('../../../core/compute/rules/coloursRules')).coloursRules,
  load: async () => (await import('./ColourStation')).ColourStation,
};
