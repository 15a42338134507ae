/**
 * What version 8 gave to what was not told of masks. Older plans gain these figures and no others, whatever is usual
 * today, so that a card that was made once stays as it was.
 */
const ofBoth = {
  maskInset: { ticks: 8000 },
  maskSpindly: { ticks: 24_000 },
  maskUses: 15,
  acceptsOverlaps: false,
};

export const usualMasks8 = {
  in: { ...ofBoth, maskMargin: { ticks: 50_800 } },
  mm: { ...ofBoth, maskMargin: { ticks: 48_000 } },
};
