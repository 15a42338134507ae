import type { Caution } from '../process/step';

/** What can hurt, and how one takes care; the maker's instructions and local rules go before it. Common practice. */
export const cautionWords: Readonly<Record<Caution, string>> = {
  heat: 'The heat tool burns: keep fingers, sprays and alcohol away from it, and open a window.',
  solvent: 'Alcohol and solvent burn: away from heat, with a window open.',
  blades: 'Cut away from yourself, with the guard on, and cap the blade.',
  press: 'Fingers off the press while it runs.',
  magnets: 'Swallowed magnets are an emergency: keep them from children.',
  'small-parts': 'Small parts are no gift for a child under three.',
  dust: 'Do not breathe powder or glitter in, and keep it from your eyes.',
};

/** Stands once beneath all cautions. */
export const followMaker = 'The maker’s instructions and local rules go before these.';
