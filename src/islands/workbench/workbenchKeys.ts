import type { KeyLine } from '../parts/KeysDialog';

/** The keys of the workbench, as its help lists them. */
export const workbenchKeys: readonly KeyLine[] = [
  ['↑ ↓', 'go from layer to layer; in a field, a mark up or down'],
  ['Enter', 'go into the layer’s figure; in a field, keep it'],
  ['Esc', 'take back what is being typed'],
  ['[ ]', 'in a field: a mark down, a mark up'],
  ['a', 'add a layer on the selected one, or on the face shown'],
  ['i', 'add a layer inside'],
  ['r', 'build a mat outward round the layer'],
  ['d', 'copy the layer, or its whole group'],
  ['o', 'turn the layer off, or on again'],
  ['Alt ↑ ↓', 'move the layer up or down'],
  ['Delete', 'remove the layer'],
  ['f', 'turn the card to its next face'],
  ['e w', 'use the first or second remedy of the finding shown'],
  ['k', 'keep the sizes after a move'],
  ['u', 'swap the leading unit'],
  ['1 8', 'go to Base, to Sheet'],
  ['h', 'see the revisions'],
  ['t', 'restore the chosen revision'],
  ['p', 'print, on the Sheet'],
  ['Ctrl Z, Ctrl Shift Z', 'undo, do again'],
  ['?', 'these keys'],
];
