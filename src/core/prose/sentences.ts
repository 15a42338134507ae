import { writeLength, writeSize } from '../length/formatLength';
import { lengthFromTicks, type Unit } from '../length/length';
import { writeLengthBoth, writeSizeBoth } from '../length/writeBoth';
import type { Fold } from '../paper/cardFormat';
import { sides } from '../plan/faces';
import type { Motion } from '../plan/piece';
import type { Reveals } from '../resolve/origins';
import { aOrAn, joinWords } from '../words/phrases';
import { isSameBorder } from '../tolerances';
import type { CutRow, ProjectSheet } from './projectSheet';

/**
 * How to cut and score the base, as one says it.
 * @example 'Cut the blank 8 1⁄2 × 5 1⁄2 in (…). Score it at 4 1⁄4 in (…) from the left and fold.'
 */
export function scoreSentence({ base, leading, copies, fold }: ProjectSheet): string {
  const { blank, scores, from } = base;
  const cut = copies === 1 ? 'Cut the blank' : `Cut ${copies} blanks`;
  const source = from === undefined ? '' : `, from ${aOrAn(from)}`;
  const cutting = `${cut} ${writeSizeBoth(blank, leading)}${source}.`;
  const [first, second] = scores;
  if (!first) return `${cutting} It is not folded.`;
  const it = copies === 1 ? 'it' : 'each';
  const edge = first.axis === 'vertical' ? 'the left' : 'the top';
  const at = [first, ...(second ? [second] : [])].map((score) =>
    writeLengthBoth(score.at, leading),
  );
  const folding = fold === 'gate' ? 'fold both flaps to the middle' : 'fold';
  const slide = base.slidesScore
    ? ' The score board is shorter than the score: score as far as it goes, slide the blank along and finish.'
    : '';
  return `${cutting} Score ${it} at ${at.join(' and ')} from ${edge} and ${folding}.${slide}`;
}

/**
 * How many blanks the stock's sheets give, and the cuts of each in their order.
 * @example '2 from a letter sheet: cut across at 5 1⁄2.'
 */
export function yieldSentence({ base, leading }: ProjectSheet): string {
  if (base.yields.length === 0)
    return `No ${joinWords(base.sheets, 'or')} gives this blank in one piece.`;
  return base.yields
    .map(({ sheet, count, turned, cuts, slides }) => {
      const how = cuts.map(
        ({ axis, at }) => `${axis} at ${joinWords(at.map((each) => writeLength(each, leading)))}`,
      );
      const cutting = how.length === 0 ? 'the whole sheet' : `cut ${how.join(', then ')}`;
      const lying = turned ? ', blanks lying across' : '';
      const sliding = slides ? '; the trimmer is too short, so slide the sheet and finish' : '';
      return `${count} from ${aOrAn(sheet)}: ${cutting}${lying}${sliding}.`;
    })
    .join(' ');
}

/** How the card stands: 'A2, upright, side fold'. */
export function formatSentence({ format, stand, fold }: ProjectSheet): string {
  return `${format}, ${stand}, ${foldName(fold)}`;
}

/** What a fold is called: 'side fold', 'flat'. */
export function foldName(fold: Fold): string {
  return fold === 'flat' ? 'flat' : `${fold} fold`;
}

/**
 * What is to be known of a piece beside its size: before trimming, die or scissors, what is cut off, the middle, the
 * flap of the card it goes on, and what lets it move.
 */
export function rowRemarks(row: CutRow, unit: Unit): readonly string[] {
  const { before, die, scissors, cutDown, cutAgain, recovered, flap, motion, notes } = row;
  return [
    before
      ? `cut ${writeSize(before.size, unit)} and decorate, then trim off ${writeReveals(before.off, unit)}`
      : '',
    die ? `die ${die.nth} of ${die.of}, ${die.set}, counted from the largest` : '',
    scissors === undefined
      ? ''
      : `cut it out with scissors, ${writeLength(scissors, unit)} outside the print`,
    cutDown ? `cut off ${writeOff(cutDown, unit)}` : '',
    cutAgain === 'at-card' ? 'cut off what hangs over the edge of the card' : '',
    cutAgain === 'with-support'
      ? `cut it once more together with ${row.on}, so that both end in one line`
      : '',
    recovered ? `cut out the middle, ${writeSize(recovered, unit)}, and keep it` : '',
    flap ? `glue it to the ${flap} flap only` : '',
    motion ? motionRemark(motion, unit) : '',
    notes,
  ].filter(Boolean);
}

/** What is cut off, of the sides where something is: '1⁄2 at the left and 1⁄4 at the bottom'. */
function writeOff(off: Reveals, unit: Unit): string {
  const cut = sides.filter((side) => off[side] !== 0);
  return joinWords(cut.map((side) => `${writeLength(off[side], unit)} at the ${side}`));
}

const ways = { x: ['to the left', 'to the right'], y: ['up', 'down'] } as const;

/** What makes a piece move and keeps it moving; common practice. */
function motionRemark(motion: Motion, unit: Unit): string {
  switch (motion.kind) {
    case 'flap':
      return `a flap: bend it at the ${motion.hinge} before it is glued, glue only that edge, and colour its back`;
    case 'slider': {
      const { ticks } = motion.travel;
      const [back, forth] = ways[motion.along];
      const travel = writeLength(lengthFromTicks(Math.abs(ticks)), unit);
      return `slides ${travel} ${ticks < 0 ? back : forth}: keep its track free of glue`;
    }
    case 'wobbler':
      return `on a spring ${writeLength(motion.spring.ticks, unit)} wide under its middle: trim round the spring, never across it`;
    default:
      throw new TypeError(`motionRemark: unknown kind ${JSON.stringify(motion satisfies never)}`);
  }
}

/**
 * The border all round in the fewest words, in one unit.
 * @example '1⁄8', or '1⁄8 at the sides, 3⁄8 at top and bottom', or four figures
 */
export function writeReveals(reveals: Reveals, unit: Unit): string {
  return wordReveals(reveals, unit, fullWords);
}

/**
 * The same with the unit at each figure.
 * @example '1⁄8 in at the sides, 3⁄8 in at top and bottom'
 */
export function writeRevealsIn(reveals: Reveals, unit: Unit): string {
  return wordReveals(reveals, unit, fullWords, ` ${unit}`);
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

const fullWords: RevealWords = {
  pairs: (sides, ends) => `${sides} at the sides, ${ends} at top and bottom`,
  each: (left, top, right, bottom) => `left ${left}, top ${top}, right ${right}, bottom ${bottom}`,
};

/** Chooses between one figure, two and four by what differs, and words them. */
function wordReveals(
  { left, top, right, bottom }: Reveals,
  unit: Unit,
  { pairs, each }: RevealWords,
  suffix = '',
): string {
  const write = (length: Reveals['left']) => writeLength(length, unit) + suffix;
  if (!isSameBorder(left, right) || !isSameBorder(top, bottom))
    return each(write(left), write(top), write(right), write(bottom));
  return isSameBorder(left, top) ? write(left) : pairs(write(left), write(top));
}
