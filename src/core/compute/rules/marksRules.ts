import type { Rule } from '../../findings/finding';
import { overhang } from '../../findings/rules/overhang';
import { offPaper } from '../../findings/rules/offPaper';
import { samePlace } from '../../findings/rules/samePlace';
import { windowUncovered } from '../../findings/rules/windowUncovered';
import { imageShort } from '../../findings/rules/imageShort';
import { shortEnd } from '../../findings/rules/shortEnd';
import { blocked } from '../../findings/rules/blocked';
import { tooLarge } from '../../findings/rules/tooLarge';
import { noDie } from '../../findings/rules/noDie';
import { stencilShort } from '../../findings/rules/stencilShort';
import { wordsCovered } from '../../findings/rules/wordsCovered';
import { wordsNearEdge } from '../../findings/rules/wordsNearEdge';
import { wordSlope } from '../../findings/rules/wordSlope';
import { lostOnGround } from '../../findings/rules/lostOnGround';
import { offCentre } from '../../findings/rules/offCentre';
import { evenNumber } from '../../findings/rules/evenNumber';

/** Rules that read prints, words and die cuts, what lies over what, and what moves. */
export const marksRules: readonly Rule[] = [
  overhang,
  offPaper,
  samePlace,
  windowUncovered,
  imageShort,
  shortEnd,
  blocked,
  tooLarge,
  noDie,
  stencilShort,
  wordsCovered,
  wordsNearEdge,
  wordSlope,
  lostOnGround,
  offCentre,
  evenNumber,
];
