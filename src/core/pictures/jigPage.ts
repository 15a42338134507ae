import { kindOf } from '../kinds/kinds';
import { isGround } from '../resolve/resolvedMark';
import { isMark, outlineOf, type Placed } from '../resolve/outlineOf';
import { growLines, intersectOutlines, uniteOutlines } from '../outline/polygons';
import {
  boxesOverlap,
  corners,
  turnedCorners,
  type Bounds,
  type Outline,
} from '../outline/outline';
import { inkOf } from '../resolve/inkOf';
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

/** What falls out for a piece: its line, and whatever its print draws beyond that. */
function openingOf(placed: Placed): Outline {
  const outline = outlineOf(placed);
  if (!isMark(placed)) return outline;
  const lines = inkOf(placed).flatMap(({ outline: line, halfWidth }) =>
    halfWidth === undefined ? [] : [growLines(line, halfWidth)],
  );
  if (lines.length === 0) return outline;
  const all = uniteOutlines([outline, ...lines]);
  const isMasked =
    placed.rect.width < placed.whole.width || placed.rect.height < placed.whole.height;
  return isMasked
    ? intersectOutlines(all, [turnedCorners(placed.rect, placed.piece.place.turn)])
    : all;
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
      { id: 'opening', shapes: cutShapes(openings.flatMap(openingOf), looks.opening) },
      { id: 'rule', shapes: [outlined(box(top, ruleLength, ruleHeight), looks.rule)] },
      {
        id: 'text',
        shapes: [
          ...namesOf(openings.filter((placed) => !isSmall(placed))),
          write(ruleLength / 2, top + 2.5 * ruleHeight, 'this rule is 50 mm long; print at 100 %'),
        ],
      },
    ],
  };
}

const ruleHeight = 2 * TICKS_PER_MILLIMETRE;

const isSmall = (placed: Placed) => isMark(placed) && kindOf(placed.piece).isSmall;

/** The name of each in its middle, or as little below or above as keeps it off the names written before. */
function namesOf(openings: readonly Placed[]): readonly Shape[] {
  const taken: Bounds[] = [];
  return openings.map(({ rect, name }) => {
    const x = rect.x + rect.width / 2;
    const middle = rect.y + rect.height / 2;
    const halfWidth = (name.length * nameHeight * widthOfLetter) / 2;
    const boxAt = (y: number): Bounds => ({
      x0: x - halfWidth,
      x1: x + halfWidth,
      y0: y - nameHeight,
      y1: y + lineGap - nameHeight,
    });
    const places = Array.from({ length: mostLines }, (_, at) => {
      const lines = Math.ceil(at / 2) * (at % 2 === 0 ? -1 : 1);
      return middle + lines * lineGap;
    });
    const y = places.find((each) => !taken.some((box) => boxesOverlap(box, boxAt(each)))) ?? middle;
    taken.push(boxAt(y));
    return write(x, y, name);
  });
}

/** Of the height of a name, about. */
const widthOfLetter = 0.6;
const lineGap = 1.3 * nameHeight;
/** So many places are tried for a name. */
const mostLines = 21;

const write = (x: number, y: number, words: string): Shape => ({
  kind: 'text',
  align: 'centre',
  x,
  y,
  height: nameHeight,
  words,
  colour: ink,
});
