import type { Rule } from '../../findings/finding';
import { sheetTooSmall } from '../../findings/rules/sheetTooSmall';

/** Rules that read the sheets that stocks come in. */
export const sheetsRules: readonly Rule[] = [sheetTooSmall];
