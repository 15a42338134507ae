import type { Rule } from '../../findings/finding';
import { colourGap } from '../../findings/rules/colourGap';
import { fastInkPowder } from '../../findings/rules/fastInkPowder';
import { fineOnChalk } from '../../findings/rules/fineOnChalk';
import { hardToRead } from '../../findings/rules/hardToRead';
import { inkUnfit } from '../../findings/rules/inkUnfit';
import { mediumUnfit } from '../../findings/rules/mediumUnfit';
import { muddyBlend } from '../../findings/rules/muddyBlend';
import { uncoloured } from '../../findings/rules/uncoloured';

/** Rules that read what things are printed and coloured with. */
export const coloursRules: readonly Rule[] = [
  inkUnfit,
  muddyBlend,
  colourGap,
  uncoloured,
  hardToRead,
  mediumUnfit,
  fastInkPowder,
  fineOnChalk,
];
