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
  keys: [
    ['a t s g l x', 'add an image, words, a die cut, a gem, a line, a stencil'],
    ['o', 'cut the image out'],
    ['Ctrl C, Ctrl V', 'copy, and put down here or on another card'],
    ['arrows', 'move by a mark; with Shift, by a hair'],
    ['Alt ↑ ↓', 'bring to the front, send to the back, place by place'],
    ['m', 'move one of a group without the others; so does a second press on it'],
    ['Ctrl click', 'select one more, or one less; so does Shift click'],
    [', .', 'turn by a degree'],
    ['c v', 'centre across, centre down'],
    ['p y', 'show the free places, take the best'],
    ['n b', 'the next piece, the one before'],
    ['d', 'copy what is selected'],
    ['Delete', 'remove what is selected'],
    [
      '+ - 0',
      'look closer, from further away, at the whole; arrows move it while nothing is selected',
    ],
    ['i', 'true size, as large as in life'],
    ['f', 'turn the card to its next face'],
    ['q', 'try the design as another format'],
  ],
  load: async () => (await import('./LayoutStation')).LayoutStation,
};
