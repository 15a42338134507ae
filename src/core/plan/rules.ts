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
  'off-trimmer-marks',
  'near-colours',
  'easier-figures',
] as const;
export const ruleIdSchema = z.enum(ruleIds);
export type RuleId = (typeof ruleIds)[number];
