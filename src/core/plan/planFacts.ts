export const cardStatuses = ['planned', 'cut', 'filmed', 'published'] as const;
export type CardStatus = (typeof cardStatuses)[number];

/** What people forget to say while filming; common practice. */
export const filmingChecks = [
  'first-mat',
  'inside',
  'embellishments',
  'ribbon',
  'marker-off-screen',
  'colour-changed',
  'anti-static',
  'added-later',
  'sale-period',
] as const;

export type FilmingCheck = (typeof filmingChecks)[number];

/** When words that meet images are stamped: by their places, before the images, or after them. */
export const wordsStampings = ['as-listed', 'first', 'last'] as const;
export type WordsStamping = (typeof wordsStampings)[number];

/** Older documents are brought up to it by `upgradePlan`. */
export const currentPlanSchema = 13;

/** How many of each a card holds at most. */
export const mostPieces = 500;
export const mostUses = 500;
export const mostAccepted = 1000;
export const mostCombinations = 200;
export const mostOverlaps = 2000;
export const mostScenes = 20;
export const mostOverrides = 300;
/** A step is known by its kind, its piece, what it is done with, and which time it is done. */
export const longestStepId = 160;
/** Lines of one scene, points of a line, and marks that are inked in some of its strips. */
export const mostSceneLines = 20;
export const mostLinePoints = 200;
export const mostInked = 200;
/** Corners of the edge of a die that a line follows. */
export const mostDiePoints = 1000;
/** Parts picked out of one image, areas of one part, and groups of openings of one stencil. */
export const mostImageParts = 40;
export const mostPartAreas = 40;
export const mostOpeningInks = 20;
/** Things put into the envelope with the card. */
export const mostEnclosures = 10;

/** The authorities whose classes of mail a card is held against. */
export const mailSchemeIds = ['us', 'uk', 'germany', 'upu'] as const;
export type MailSchemeId = (typeof mailSchemeIds)[number];

/** The classes of all of them, each from the cheapest to the dearest. */
export const mailClassIds = [
  'us-letter',
  'us-nonmachinable',
  'us-flat',
  'us-parcel',
  'uk-letter',
  'uk-large-letter',
  'uk-small-parcel',
  'germany-standard',
  'germany-compact',
  'germany-large',
  'germany-maxi',
  'upu-small',
  'upu-large',
  'upu-letter-post',
] as const;
export type MailClassId = (typeof mailClassIds)[number];
