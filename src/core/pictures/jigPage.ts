import { kindOf } from '../kinds/kinds';
import { isGround } from '../resolve/resolvedMark';
import { isMark, outlineOf, type Placed } from '../resolve/outlineOf';
import { corners, type Outline } from '../outline/outline';
import { TICKS_PER_MILLIMETRE } from '../length/length';
import type { FaceId } from '../plan/faces';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { cutShapes } from '../drawing/cutLines';
import type { Line, Page, Shape } from '../drawing/shape';

const ink = '#1e2428';
const looks = {
  card: { colour: ink, width: 4800 },
  panel: { colour: '#70797d', width: 1600 },
  opening: { colour: '#a42c19', width: 3200 },
  rule: { colour: '#07606a', width: 3200 },
} as const satisfies Readonly<Record<string, Line>>;

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
 * The jig of a face: a sheet as large as the card with an opening where each piece goes, laid on it corner on corner.
 * Panels are fine lines, so that a jig cut down to one of them serves it alone. Beneath the card is the check rule, a
 * gap off its lower edge.
 */
export function jigPage(card: ResolvedCard, face: FaceId, title: string): Page {
  const { width, height } = card.base.face;
  const top = height + 4 * TICKS_PER_MILLIMETRE;
  const openings = jigOpenings(card, face);
  const panels = card.pieces.filter((piece) => piece.face === face && !piece.shape);
  const outlined = (outline: Outline, line: Line): Shape => ({ kind: 'outline', outline, line });
  const box = (y: number, wide: number, high: number) => [
    corners({ x: 0, y, width: wide, height: high }),
  ];
  return {
    title,
    width: Math.max(width, ruleLength),
    height: height + 12 * TICKS_PER_MILLIMETRE,
    layers: [
      { id: 'card', shapes: [outlined(box(0, width, height), looks.card)] },
      { id: 'panel', shapes: panels.map((piece) => outlined(outlineOf(piece), looks.panel)) },
      // An opening has no islands: what is inside its outer line falls out with it.
      { id: 'opening', shapes: cutShapes(openings.flatMap(outlineOf), looks.opening) },
      { id: 'rule', shapes: [outlined(box(top, ruleLength, ruleHeight), looks.rule)] },
      {
        id: 'text',
        shapes: [
          ...openings.filter((placed) => !isSmall(placed)).map(nameOf),
          write(ruleLength / 2, top + 2.5 * ruleHeight, 'this rule is 50 mm long; print at 100 %'),
        ],
      },
    ],
  };
}

const ruleHeight = 2 * TICKS_PER_MILLIMETRE;

const isSmall = (placed: Placed) => isMark(placed) && kindOf(placed.piece).isSmall;

const nameOf = ({ rect, name }: Placed) =>
  write(rect.x + rect.width / 2, rect.y + rect.height / 2, name);

const write = (x: number, y: number, words: string): Shape => ({
  kind: 'text',
  align: 'centre',
  x,
  y,
  height: nameHeight,
  words,
  colour: ink,
});
