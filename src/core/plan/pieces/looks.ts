/** What becomes of paper that hangs over the edge of the card: kept, cut off, or cut once more with its panel. */
export const overhangs = ['kept', 'trimmed', 'with-support'] as const;

/** Something round that is stuck, dropped or splattered on. */
export const dotLooks = ['dot', 'gem', 'sequin', 'drop', 'splatter'] as const;

/** Twine is round, ribbon flat. */
export const ribbonLooks = ['ribbon', 'twine'] as const;

/** Laid from edge to edge, its ends tucked behind what it lies on, or wrapped round it. */
export const ribbonWays = ['laid', 'tucked', 'round'] as const;

/** What keeps a ribbon where it is. */
export const ribbonFixings = ['tied', 'taped', 'glued'] as const;

/** A bow is tied and stands up; a flat one is folded and pressed; a knot has tails and no loops. */
export const bowLooks = ['bow', 'flat', 'knot'] as const;
export type BowLook = (typeof bowLooks)[number];

/** What puts colour on. */
export const applicators = [
  'pen',
  'small brush',
  'large brush',
  'dauber',
  'foam',
  'water brush',
] as const;
export type Applicator = (typeof applicators)[number];

/** How strongly colour is put on. */
export const strengths = ['light', 'even', 'heavy'] as const;
export type Strength = (typeof strengths)[number];

/** A ground is laid before what is printed, or after it and over it. */
export const groundTimes = ['before', 'after'] as const;

/** What is done to an image once it is coloured, or round it. */
export const finishKinds = [
  'gloss',
  'glitter',
  'shimmer',
  'details',
  'halo',
  'outline',
  'shadow',
] as const;
