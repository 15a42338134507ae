import type { Rule } from '../../findings/finding';
import { coloursRules } from './coloursRules';
import { heightsRules } from './heightsRules';
import { marksRules } from './marksRules';
import { masksRules } from './masksRules';
import { paperRules } from './paperRules';
import { postRules } from './postRules';
import { stepsRules } from './stepsRules';
import { sheetsRules } from './sheetsRules';
import { suppliesRules } from './suppliesRules';

/** Every rule there is. */
export const rules: readonly Rule[] = [
  ...paperRules,
  ...marksRules,
  ...coloursRules,
  ...masksRules,
  ...heightsRules,
  ...stepsRules,
  ...postRules,
  ...sheetsRules,
  ...suppliesRules,
];
