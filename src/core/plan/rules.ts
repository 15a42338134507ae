import { z } from 'zod';

/** Every rule that can find something; a rule is a file of its name in findings/rules. */
export const ruleIds = [
  'impossible-piece',
  'missing-stock',
  'larger-than-support',
  'sheet-too-small',
  'cut-out',
  'liner-at-score',
  'unequal-borders',
  'thin-reveal',
  'hidden-layer',
  'overhang',
  'window-uncovered',
  'image-short',
  'short-end',
  'two-heights',
  'foam-wide',
  'blocked',
  'too-large',
  'no-die',
  'stencil-short',
  'words-covered',
  'words-near-edge',
  'word-slope',
  'lost-on-ground',
  'off-centre',
  'off-trimmer-marks',
  'sale-ends',
  'near-colours',
  'easier-figures',
  'newer-version',
  'even-number',
] as const;
export const ruleIdSchema = z.enum(ruleIds);
export type RuleId = (typeof ruleIds)[number];
