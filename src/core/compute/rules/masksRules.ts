import type { Rule } from '../../findings/finding';
import { orderCircle } from '../../findings/rules/orderCircle';
import { againstKind } from '../../findings/rules/againstKind';
import { printsCross } from '../../findings/rules/printsCross';
import { wordsMasked } from '../../findings/rules/wordsMasked';
import { maskHalo } from '../../findings/rules/maskHalo';
import { maskOnWet } from '../../findings/rules/maskOnWet';
import { stripsBare } from '../../findings/rules/stripsBare';
import { stripsTogether } from '../../findings/rules/stripsTogether';
import { groundOverImage } from '../../findings/rules/groundOverImage';

/** Rules that read in which order what meets is stamped, and what is covered. */
export const masksRules: readonly Rule[] = [
  orderCircle,
  againstKind,
  printsCross,
  wordsMasked,
  groundOverImage,
  stripsBare,
  stripsTogether,
  maskHalo,
  maskOnWet,
];
