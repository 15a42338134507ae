import type { About, Making } from './plan';
import type { Post } from './post';

/** What a new card says of itself beside its title. */
export const plainAbout = {
  series: null,
  occasion: '',
  techniques: [],
  status: 'planned',
  filmOn: null,
  publishOn: null,
  checked: [],
  notes: '',
} as const satisfies Partial<About>;

/** One copy, no spares, from what is owned. */
export const plainMaking: Making = {
  copies: 1,
  spares: { by: 'each', count: 0 },
  sheets: [],
  usesLeftovers: true,
  evenings: null,
};

/** In the smallest envelope that holds it, by any class of mail, with nothing else in it. */
export const plainPost: Post = {
  envelope: { by: 'smallest' },
  wanted: null,
  enclosures: [],
  forChild: false,
};
