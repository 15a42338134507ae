import type { KeyLine } from '../../parts/KeysDialog';

/** The keys of Colour, as the help lists them. */
export const colourKeys: readonly KeyLine[] = [
  ['↑ ↓', 'go from part to part'],
  ['Enter', 'go into what the part is coloured with'],
  [', .', 'try the colour before or after it in the stash'],
  ['b', 'the best three of mine for a part coloured by hand'],
  ['p', 'pick a part out of the lines of an image, or openings of a stencil; or end it'],
  ['s', 'a series: the same with other words or on other stocks'],
  ['f', 'turn the card to its next face'],
];
