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
  const source = from === undefined ? '' : `, from an ${from}`;
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
export function writeReveals({ left, top, right, bottom }: Reveals, unit: Unit): string {
  const write = (length: Reveals['left']) => writeLength(length, unit);
  if (isSameBorder(left, right) && isSameBorder(top, bottom))
    return isSameBorder(left, top)
      ? write(left)
      : `${write(left)} at the sides, ${write(top)} at top and bottom`;
  return `left ${write(left)}, top ${write(top)}, right ${write(right)}, bottom ${write(bottom)}`;
}

/** The same in the least room, for a row: 'sides 1⁄8, top/bottom 3⁄8'. */
export function writeRevealsShort(reveals: Reveals, unit: Unit): string {
  return writeReveals(reveals, unit)
    .replace(/^(.*) at the sides, (.*) at top and bottom$/, 'sides $1, top/bottom $2')
    .replace(/^left (.*), top (.*), right (.*), bottom (.*)$/, '← $1 ↑ $2 → $3 ↓ $4');
}

function aOrAn(word: string): string {
  return `${/^(?:[aeio]|A\d)/i.test(word) ? 'an' : 'a'} ${word}`;
}

function capitalise(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
