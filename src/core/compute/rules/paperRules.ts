import type { Rule } from '../../findings/finding';
import { impossiblePiece } from '../../findings/rules/impossiblePiece';
import { missingStock } from '../../findings/rules/missingStock';
import { largerThanSupport } from '../../findings/rules/largerThanSupport';
import { cutOut } from '../../findings/rules/cutOut';
import { linerAtScore } from '../../findings/rules/linerAtScore';
import { unequalBorders } from '../../findings/rules/unequalBorders';
import { thinReveal } from '../../findings/rules/thinReveal';
import { hiddenLayer } from '../../findings/rules/hiddenLayer';
import { offTrimmerMarks } from '../../findings/rules/offTrimmerMarks';
import { nearColours } from '../../findings/rules/nearColours';
import { easierFigures } from '../../findings/rules/easierFigures';

/** Rules that read sizes, borders and stocks of what is cut. */
export const paperRules: readonly Rule[] = [
  impossiblePiece,
  missingStock,
  largerThanSupport,
  cutOut,
  linerAtScore,
  unequalBorders,
  thinReveal,
  hiddenLayer,
  offTrimmerMarks,
  nearColours,
  easierFigures,
];
