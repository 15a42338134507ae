import { kindOf } from '../kinds/kinds';
import { isGround } from '../resolve/resolvedMark';
import { isMark, outlineOf, type Placed } from '../resolve/outlineOf';
import type { Outline } from '../outline/outline';
import { TICKS_PER_MILLIMETRE } from '../length/length';
import type { FaceId } from '../plan/faces';
import type { ResolvedCard } from '../resolve/resolvedCard';

/** What a line of a jig is: the card's edge, where a panel lies, an opening to cut out, the check rule. */
export type JigLayer = 'card' | 'panel' | 'opening' | 'rule';

/** What draws a jig. Ticks from the top left corner of the face, y downward. */
export interface JigPen {
  readonly outline: (layer: JigLayer, outline: Outline) => void;
  /** Centred on the point, so many ticks high. */
  readonly text: (x: number, y: number, height: number, words: string) => void;
}

/** Names are 2.5 mm high. */
const nameHeight = 2.5 * TICKS_PER_MILLIMETRE;

/** The rule by which a print is checked, in millimetres: a ruler laid on it must agree. */
export const ruleLength = 50 * TICKS_PER_MILLIMETRE;

/** What goes through an opening: every image, line of words and die cut of a shape. */
export function jigOpenings(card: ResolvedCard, face: FaceId): readonly Placed[] {
  return card.painted[face].filter((placed) =>
    isMark(placed)
      ? kindOf(placed.piece).goesThroughJig && !isGround(placed)
      : placed.shape !== undefined,
  );
}

/**
 * Draws the jig of a face: a sheet as large as the card with an opening where each piece goes, laid on it
 * corner on corner. Panels are drawn as fine lines, so that a jig cut down to one of them serves it alone.
 */
export function drawJig(card: ResolvedCard, face: FaceId, pen: JigPen): void {
  const { width, height } = card.base.face;
  pen.outline('card', [rectangle(0, 0, width, height)]);
  for (const piece of card.pieces)
    if (piece.face === face && !piece.shape) pen.outline('panel', outlineOf(piece));
  for (const placed of jigOpenings(card, face)) {
    // An opening has no islands: what is inside its outer line falls out with it.
    pen.outline('opening', outlineOf(placed));
    const isSmall = isMark(placed) && kindOf(placed.piece).isSmall;
    const { rect } = placed;
    if (!isSmall)
      pen.text(rect.x + rect.width / 2, rect.y + rect.height / 2, nameHeight, placed.name);
  }
}

/** The check rule beneath the card, a gap off its lower edge. */
export function drawRule(card: ResolvedCard, pen: JigPen): void {
  const top = card.base.face.height + 4 * TICKS_PER_MILLIMETRE;
  const tick = 2 * TICKS_PER_MILLIMETRE;
  pen.outline('rule', [rectangle(0, top, ruleLength, tick)]);
  pen.text(ruleLength / 2, top + 2.5 * tick, nameHeight, 'this rule is 50 mm long; print at 100 %');
}

/** What a jig takes on paper, its rule and margin too. */
export function jigExtent({ base }: ResolvedCard) {
  const { width, height } = base.face;
  return { width: Math.max(width, ruleLength), height: height + 12 * TICKS_PER_MILLIMETRE };
}

function rectangle(x: number, y: number, width: number, height: number) {
  return [
    { x, y },
    { x: x + width, y },
    { x: x + width, y: y + height },
    { x, y: y + height },
  ];
}
