import type { Rule } from '../../findings/finding';
import { saleEnds } from '../../findings/rules/saleEnds';
import { newerVersion } from '../../findings/rules/newerVersion';
import { shortSupply } from '../../findings/rules/shortSupply';

/** Rules that read items of the stash and the supply list. */
export const suppliesRules: readonly Rule[] = [saleEnds, newerVersion, shortSupply];
