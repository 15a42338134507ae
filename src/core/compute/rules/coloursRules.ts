import type { Rule } from '../../findings/finding';
import { colourGap } from '../../findings/rules/colourGap';
import { inkUnfit } from '../../findings/rules/inkUnfit';
import { muddyBlend } from '../../findings/rules/muddyBlend';
import { uncoloured } from '../../findings/rules/uncoloured';

/** Rules that read what things are printed and coloured with. */
export const coloursRules: readonly Rule[] = [inkUnfit, muddyBlend, colourGap, uncoloured];
