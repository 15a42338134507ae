import type { KeyLine } from '../../parts/KeysDialog';

/** The keys of Base, as the help lists them. */
export const baseKeys: readonly KeyLine[] = [
  ['↑ ↓', 'go from layer to layer'],
  ['Enter', 'go into the layer’s figure'],
  ['a', 'add a layer on the selected one, or on the face shown'],
  ['i', 'add a layer inside'],
  ['r', 'build a mat outward round the layer'],
  ['d', 'copy the layer, or its whole group'],
  ['o', 'turn the layer off, or on again'],
  ['Alt ↑ ↓', 'move the layer up or down'],
  ['Delete', 'remove the layer'],
  ['f', 'turn the card to its next face'],
  ['q', 'try the design as another format'],
];
