import type { Rule } from '../../findings/finding';
import { crushed } from '../../findings/rules/crushed';
import { envelopeSmall } from '../../findings/rules/envelopeSmall';
import { overClass } from '../../findings/rules/overClass';
import { smallParts } from '../../findings/rules/smallParts';
import { squarePost } from '../../findings/rules/squarePost';

/** Rules that read how the card is sent: its envelope, its class of mail, and who gets it. */
export const postRules: readonly Rule[] = [
  smallParts,
  envelopeSmall,
  overClass,
  squarePost,
  crushed,
];
