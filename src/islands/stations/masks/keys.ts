import type { KeyLine } from '../../parts/KeysDialog';

/** The keys of Masks, as the help lists them. */
export const masksKeys: readonly KeyLine[] = [
  ['← →', 'walk through the steps; Home and End go to the first and the last'],
  ['↑ ↓', 'go from print to print'],
  ['Alt+↑ ↓', 'stamp it earlier or later'],
  ['t', 'turn it and the first it meets about'],
  ['x', 'let the two cross, or not'],
  ['m', 'make the least move that saves a mask'],
  ['o', 'cut it out with its die and lift it, instead of masking it'],
  ['p', 'pick what is open in it, such as the panes of a window'],
  ['l', 'take the least masks there can be'],
  ['j', 'divide the paper into strips, or draw them; Insert, Delete and the arrows at a point'],
  ['s', 'lay a straight horizon across the paper: one strip above it, one below'],
  ['f', 'turn the card to its next face'],
];
