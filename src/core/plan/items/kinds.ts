/*
 * The kinds of things in the stash, apart from their schemas, so that a page can list them without these.
 */

/** What a die is for: a shape of its own, one wavy edge, the whole front, or many small parts bridged together. */
export const dieKinds = ['shape', 'border', 'cover', 'joined'] as const;

export const embellishmentKinds = [
  'gem',
  'dot',
  'drop',
  'sequin',
  'button',
  'spring',
  'magnet',
  'ribbon',
  'twine',
] as const;

/** What a pad is filled with, which decides what it dries on and what it suits. */
export const inkKinds = ['dye', 'chalk', 'pigment', 'solvent', 'reactive', 'sticky'] as const;

/** What pictures are coloured with. */
export const mediumKinds = [
  'alcohol marker',
  'water marker',
  'watercolour',
  'pencil',
  'gel pen',
  'paint pen',
  'glitter glue',
  'spray',
] as const;

export const powderKinds = ['opaque', 'clear', 'metallic', 'glitter'] as const;

/** What a stamp prints, which decides how it is coloured, masked and ordered. */
export const stampKinds = ['outline', 'solid', 'background', 'layering', 'sentiment'] as const;

/** Kinds of paper and what is used like it. */
export const paperKinds = [
  'cardstock',
  'patterned',
  'vellum',
  'foil',
  'acetate',
  'watercolour',
  'kraft',
  /** Printed with toner all over, to be foiled or stamped on. */
  'toner',
] as const;

export const toolKinds = [
  'trimmer',
  'score board',
  'die press',
  'stamping platform',
  'heat tool',
  'brush',
  'small brush',
  'large brush',
  'dauber',
  'foam',
  'water brush',
  'other',
] as const;

/** What an ink stands once it is dry. */
export const solvents = ['alcohol', 'water'] as const;

/** What colours that are used together begin with. */
export const beginnings = ['light', 'dark'] as const;

/** So many media at most are used together. */
export const mostMedia = 8;
