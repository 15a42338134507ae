import type { KeyLine } from '../../parts/KeysDialog';

/** The keys of Layout, as the help lists them. */
export const layoutKeys: readonly KeyLine[] = [
  ['a t s g l r x', 'add an image, words, a die cut, a gem, a line, a ribbon, a stencil'],
  ['o', 'cut the image out'],
  ['Ctrl C, Ctrl V', 'copy, and put down here or on another card'],
  ['arrows', 'move by a mark; with Shift, by a hair'],
  ['Alt ↑ ↓', 'bring to the front, send to the back, place by place'],
  ['m', 'move one of a group without the others; so does a second press on it'],
  ['Ctrl click', 'select one more, or one less; so does Shift click'],
  [', .', 'turn by a degree'],
  ['c v', 'centre across, centre down'],
  ['j', 'hold the paper otherwise somewhere'],
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
];
