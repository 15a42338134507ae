import type { Finding, Rule } from '../findings/finding';
import { evenNumber } from '../findings/rules/evenNumber';
import { offCentre } from '../findings/rules/offCentre';
import { overhang } from '../findings/rules/overhang';
import { wordsCovered } from '../findings/rules/wordsCovered';
import { wordsNearEdge } from '../findings/rules/wordsNearEdge';
import { wordSlope } from '../findings/rules/wordSlope';
import { blocked } from '../findings/rules/blocked';
import { foamWide } from '../findings/rules/foamWide';
import { imageShort } from '../findings/rules/imageShort';
import { lostOnGround } from '../findings/rules/lostOnGround';
import { noDie } from '../findings/rules/noDie';
import { shortEnd } from '../findings/rules/shortEnd';
import { stencilShort } from '../findings/rules/stencilShort';
import { tooLarge } from '../findings/rules/tooLarge';
import { twoHeights } from '../findings/rules/twoHeights';
import { windowUncovered } from '../findings/rules/windowUncovered';
import { cutOut } from '../findings/rules/cutOut';
import { easierFigures } from '../findings/rules/easierFigures';
import { hiddenLayer } from '../findings/rules/hiddenLayer';
import { impossiblePiece } from '../findings/rules/impossiblePiece';
import { largerThanSupport } from '../findings/rules/largerThanSupport';
import { linerAtScore } from '../findings/rules/linerAtScore';
import { missingStock } from '../findings/rules/missingStock';
import { nearColours } from '../findings/rules/nearColours';
import { newerVersion } from '../findings/rules/newerVersion';
import { offTrimmerMarks } from '../findings/rules/offTrimmerMarks';
import { saleEnds } from '../findings/rules/saleEnds';
import { sheetTooSmall } from '../findings/rules/sheetTooSmall';
import { thinReveal } from '../findings/rules/thinReveal';
import { unequalBorders } from '../findings/rules/unequalBorders';
import { runRules } from '../findings/runRules';
import type { Library } from '../plan/library';
import type { Plan } from '../plan/plan';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { resolvePlan } from '../resolve/resolvePlan';

/** Every rule there is, in the order their findings are told. */
export const rules: readonly Rule[] = [
  impossiblePiece,
  missingStock,
  largerThanSupport,
  sheetTooSmall,
  cutOut,
  linerAtScore,
  unequalBorders,
  thinReveal,
  hiddenLayer,
  overhang,
  windowUncovered,
  imageShort,
  shortEnd,
  twoHeights,
  foamWide,
  blocked,
  tooLarge,
  noDie,
  stencilShort,
  wordsCovered,
  wordsNearEdge,
  wordSlope,
  lostOnGround,
  offCentre,
  offTrimmerMarks,
  saleEnds,
  nearColours,
  easierFigures,
  newerVersion,
  evenNumber,
];

export interface ComputedCard {
  readonly card: ResolvedCard;
  readonly findings: readonly Finding[];
}

/** All that follows from a plan: the one place that wires the subjects together. */
export function computeCard(plan: Plan, library: Library): ComputedCard {
  const card = resolvePlan(plan, library);
  return { card, findings: findingsOf(plan, card, library) };
}

/** What the rules find on a card that is resolved already. */
export function findingsOf(plan: Plan, card: ResolvedCard, library: Library): readonly Finding[] {
  return runRules(rules, { plan, card, library });
}
