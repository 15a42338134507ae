import { writeLength } from '../length/formatLength';
import type { Unit } from '../length/length';
import { writeLengthBoth, writeSizeBoth } from '../length/writeBoth';
import type { Reveals } from '../resolve/resolvedCard';
import { isSameBorder } from '../tolerances';
import type { ProjectSheet } from './projectSheet';

/**
 * How to cut and score the base, as one says it.
 * @example 'Cut the blank 8 1⁄2 × 5 1⁄2 in (…). Score it at 4 1⁄4 in (…) from the left and fold.'
 */
export function scoreSentence({ base, leading, copies }: ProjectSheet): string {
  const { blank, score, from } = base;
  const cut = copies === 1 ? 'Cut the blank' : `Cut ${copies} blanks`;
  const edge = score.axis === 'vertical' ? 'the left' : 'the top';
  const source = from === undefined ? '' : `, from ${aOrAn(from)}`;
  const it = copies === 1 ? 'it' : 'each';
  return (
    `${cut} ${writeSizeBoth(blank, leading)}${source}. ` +
    `Score ${it} at ${writeLengthBoth(score.at, leading)} from ${edge} and fold.`
  );
}

/** How many blanks the common sheets give. */
export function yieldSentence({ base }: ProjectSheet): string {
  if (base.yields.length === 0) return 'No letter or A4 sheet gives this blank in one piece.';
  const parts = base.yields.map(({ sheet, count }) => `${count} from ${aOrAn(sheet)} sheet`);
  return `${capitalise(parts.join(', '))}, cut straight.`;
}

/** How the card stands: 'A2, upright, side fold'. */
export function formatSentence({ format, stand, fold }: ProjectSheet): string {
  return `${format}, ${stand}, ${fold} fold`;
}

/**
 * The border all round in the fewest words, in one unit.
 * @example '1⁄8', or '1⁄8 at the sides, 3⁄8 at top and bottom', or four figures
 */
export function writeReveals(reveals: Reveals, unit: Unit): string {
  return wordReveals(reveals, unit, {
    pairs: (sides, ends) => `${sides} at the sides, ${ends} at top and bottom`,
    each: (left, top, right, bottom) =>
      `left ${left}, top ${top}, right ${right}, bottom ${bottom}`,
  });
}

/** The same in the least room, for a row: 'sides 1⁄8, top/bottom 3⁄8'. */
export function writeRevealsShort(reveals: Reveals, unit: Unit): string {
  return wordReveals(reveals, unit, {
    pairs: (sides, ends) => `sides ${sides}, top/bottom ${ends}`,
    each: (left, top, right, bottom) => `← ${left} ↑ ${top} → ${right} ↓ ${bottom}`,
  });
}

interface RevealWords {
  readonly pairs: (sides: string, ends: string) => string;
  readonly each: (left: string, top: string, right: string, bottom: string) => string;
}

/** Chooses between one figure, two and four by what differs, and words them. */
function wordReveals(
  { left, top, right, bottom }: Reveals,
  unit: Unit,
  { pairs, each }: RevealWords,
): string {
  const write = (length: Reveals['left']) => writeLength(length, unit);
  if (!isSameBorder(left, right) || !isSameBorder(top, bottom))
    return each(write(left), write(top), write(right), write(bottom));
  return isSameBorder(left, top) ? write(left) : pairs(write(left), write(top));
}

function aOrAn(word: string): string {
  return `${/^(?:[aeio]|A\d)/i.test(word) ? 'an' : 'a'} ${word}`;
}

function capitalise(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
