/** What becomes of paper that hangs over the edge of the card: kept, cut off, or cut once more with its panel. */
export const overhangs = ['kept', 'trimmed', 'with-support'] as const;

/** Something round that is stuck, dropped or splattered on. */
export const dotLooks = ['dot', 'gem', 'sequin', 'drop', 'splatter'] as const;
