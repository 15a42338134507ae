import type { LetteringId } from '../lettering/letterings';

/** The font of each lettering as it ships, then what is like it where that is not to be had. */
export const fontFamilies: Readonly<Record<LetteringId, string>> = {
  clarendon: 'Besley Variable, Besley, serif',
  hand: 'Caveat, cursive',
  plain: 'Source Sans 3 Variable, Source Sans 3, sans-serif',
};

/** Half bold, as the figures of the letterings were measured. */
export const letteringWeight = 600;
