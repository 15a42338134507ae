/** Every act of making a card, in the order in which most cards come to them. */
export const stepKinds = [
  'cut',
  'score',
  'fold',
  'die-cut',
  'test',
  'cut-mask',
  'anti-static',
  'stamp',
  'powder',
  'heat',
  'tape',
  'cover',
  'lift',
  'return',
  'uncover',
  'mask',
  'blend',
  'stencil',
  'spray',
  'splatter',
  'edges',
  'unmask',
  'untape',
  'wipe',
  'colour',
  'draw',
  'finish',
  'trim',
  'cut-out',
  'part',
  'clean',
  'sign',
  'hinge',
  'ribbon',
  'glue',
  'insert',
  'press',
  'stick',
  'drops',
  'photo',
  'pack',
  /** One the designer has added. */
  'own',
] as const;
export type StepKind = (typeof stepKinds)[number];

/** Where a step is done; a change of place costs time. */
export const workPlaces = ['trimmer', 'desk', 'press', 'sink'] as const;
export type WorkPlace = (typeof workPlaces)[number];

/** Embossed first and blended over, which is wiped off it; or blended first and embossed once that is dry. */
export const embossings = ['first', 'last'] as const;
/** Prints in one powder are heated all together, or one by one. */
export const heatings = ['together', 'each'] as const;
/** Inks dry in the air, or those that can with the heat tool. */
export const dryings = ['air', 'heat'] as const;
/** What a die cuts is coloured first where it carries an image, or always, or cut first. */
export const dieCuttings = ['by-image', 'colour-first', 'cut-first'] as const;
/** How fast the air of the place takes up water. */
export const airs = ['dry', 'usual', 'humid'] as const;

/** All is done as early as can be, or in as few evenings as can be. */
export const eveningWishes = ['earliest', 'fewest'] as const;
export type EveningWish = (typeof eveningWishes)[number];

/** How a house works where the trade has two ways. */
export interface Schools {
  readonly embosses: (typeof embossings)[number];
  readonly heatsPowder: (typeof heatings)[number];
  readonly dries: (typeof dryings)[number];
  readonly dieCuts: (typeof dieCuttings)[number];
  readonly air: (typeof airs)[number];
  readonly eveningWish: EveningWish;
}

export const usualSchools: Schools = {
  embosses: 'first',
  heatsPowder: 'together',
  dries: 'air',
  dieCuts: 'by-image',
  air: 'usual',
  eveningWish: 'earliest',
};
