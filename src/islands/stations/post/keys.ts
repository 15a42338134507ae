import type { KeyLine } from '../../parts/KeysDialog';

/** The keys of Post, as the help lists them. */
export const postKeys: readonly KeyLine[] = [
  ['x', 'cut the card through across, or down'],
  ['← → ↑ ↓', 'move the cut by a mark; with Shift by eight'],
  ['n', 'cut through the next of the highest places'],
  ['c', 'take the first change that brings a cheaper class'],
  ['v', 'take the second'],
];
