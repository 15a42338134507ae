/**
 * What version 4 gave to what was not told. Older plans gain these figures and no others, whatever is usual today, so
 * that a card that was made once stays as it was.
 */
export const usualAbout4 = {
  occasion: '',
  techniques: [],
  status: 'planned',
  filmOn: null,
  publishOn: null,
  checked: [],
  notes: '',
};

export const usualMaking4 = {
  copies: 1,
  spares: { by: 'each', count: 0 },
  sheets: [],
  usesLeftovers: true,
};

/** Of a piece of paper, as version 2 knew it. */
export const usualPiece2 = {
  kind: 'panel',
  place: { x: { from: 'centre' }, y: { from: 'centre' } },
  isOff: false,
  group: null,
  notes: '',
  attach: 'tape',
  trim: null,
  cutOut: null,
  carriedBy: 'left',
};

/** What version 4 added to it. */
export const addedToPiece4 = { isMirrored: false, crop: null, overhang: 'kept', motion: null };

const ticks = (count: number) => ({ ticks: count });

const ofBoth = {
  reveals: {
    in: { fine: ticks(25_400), everyday: ticks(50_800), broad: ticks(101_600) },
    mm: { fine: ticks(16_000), everyday: ticks(40_000), broad: ticks(80_000) },
  },
  kerf: ticks(0),
  slidesSheets: false,
  scoresAlongGrain: false,
  recoversMiddles: true,
  adhesiveHeights: {
    liquid: ticks(0),
    tape: ticks(1600),
    'thin-foam': ticks(16_000),
    foam: ticks(24_000),
    'foam-sheet': ticks(32_000),
    'thick-foam': ticks(48_000),
  },
  adhesiveRates: {
    liquid: 0.5,
    tape: 1,
    'thin-foam': 12,
    foam: 12,
    'foam-sheet': 1,
    'thick-foam': 12,
  },
  slopeSlip: 5,
  rulesOff: [],
};

/** House habits of either school. */
export const usualHabits4 = {
  in: {
    leadingUnit: 'in',
    trimmerMarks: [ticks(25_400)],
    trimmerLength: ticks(4_876_800),
    scoreBoardLength: ticks(4_876_800),
    minimumReveal: ticks(12_700),
    linerReveal: ticks(76_200),
    rim: ticks(203_200),
    wordMargin: ticks(50_800),
    windowOverlap: ticks(50_800),
    foamInset: ticks(25_400),
    foamStrip: ticks(101_600),
    pressWidth: ticks(2_438_400),
    platform: { width: ticks(2_641_600), height: ticks(2_641_600) },
    ...ofBoth,
  },
  mm: {
    leadingUnit: 'mm',
    trimmerMarks: [ticks(16_000)],
    trimmerLength: ticks(4_800_000),
    scoreBoardLength: ticks(4_800_000),
    minimumReveal: ticks(12_800),
    linerReveal: ticks(80_000),
    rim: ticks(192_000),
    wordMargin: ticks(48_000),
    windowOverlap: ticks(48_000),
    foamInset: ticks(32_000),
    foamStrip: ticks(96_000),
    pressWidth: ticks(2_432_000),
    platform: { width: ticks(2_640_000), height: ticks(2_640_000) },
    ...ofBoth,
  },
};
