import { countWords } from '../../../core/words/countWords';
import { figureNow, type Station } from '../../session/station';

/** Layout: where every image, die cut and line of words goes. */
export const layoutStation: Station = {
  id: 'layout',
  name: 'Layout',
  digit: '2',
  figure: ({ card }) => figureNow(countWords(card.pieces.length + card.marks.length, 'piece')),
  mends: ['marks'],
  loadRules: async () => (await import('../../../core/compute/rules/marksRules')).marksRules,
  load: async () => (await import('./LayoutStation')).LayoutStation,
};
