import type { Rule } from '../../findings/finding';
import { twoHeights } from '../../findings/rules/twoHeights';
import { foamWide } from '../../findings/rules/foamWide';

/** Rules that read what holds and lifts each piece. */
export const heightsRules: readonly Rule[] = [twoHeights, foamWide];
