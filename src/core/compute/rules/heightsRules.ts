import type { Rule } from '../../findings/finding';
import { twoHeights } from '../../findings/rules/twoHeights';
import { foamWide } from '../../findings/rules/foamWide';
import { blocked } from '../../findings/rules/blocked';

/** Rules that read what holds and lifts each piece, and what moves. */
export const heightsRules: readonly Rule[] = [twoHeights, foamWide, blocked];
