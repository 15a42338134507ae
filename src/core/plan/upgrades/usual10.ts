/** What version 10 gave to older plans, whatever is usual today: they stay as they were made. */
export const usualPostHabits10 = {
  envelopeRoom: { ticks: 6400 },
  unevenBy: { ticks: 25_600 },
};

/** All of a piece was held by one adhesive. */
export const usualZones10: readonly never[] = [];

export const usualPost10 = {
  envelope: { by: 'smallest' },
  wanted: null,
  enclosures: [],
  forChild: false,
};
