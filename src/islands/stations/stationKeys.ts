import type { KeyLine } from '../parts/KeysDialog';
import { baseKeys } from './base/keys';
import { colourKeys } from './colour/keys';
import { layoutKeys } from './layout/keys';
import { masksKeys } from './masks/keys';
import { postKeys } from './post/keys';
import { stepsKeys } from './steps/keys';

const printing: readonly KeyLine[] = [['p', 'print']];

/** The keys of each station by its id; they come with the help, when that is first wanted. */
export const stationKeys: Readonly<Record<string, readonly KeyLine[]>> = {
  base: baseKeys,
  layout: layoutKeys,
  masks: masksKeys,
  colour: colourKeys,
  steps: stepsKeys,
  cut: printing,
  post: postKeys,
  sheet: printing,
};
