import { isCutToShape } from '../../plan/pieces';
import { sameSize, type Length, type Size } from '../../length/length';
import { isOnMarks, nearestMarks } from '../../length/marks';
import { sheets } from '../../paper/sheets';
import { supportRect } from '../../resolve/resolvedCard';
import type { ResolvedPiece } from '../../resolve/resolvedPiece';
import { findOn, type Finding, type Rule, type RuleInput } from '../finding';
import type { Remedy } from '../remedy';
import { cardSubject } from '../subject';
import { resizeRemedy } from './sizeRemedy';

const axes = ['width', 'height'] as const;

/**
 * A size to cut or trim to that lies on none of the trimmer's marks. What a die or scissors cut and borders that
 * merely result are free of it, and so is a side of the blank that is the whole side of a common sheet.
 */
export const offTrimmerMarks: Rule = {
  id: 'off-trimmer-marks',
  find: (input) => [
    ...baseFinding(input),
    ...input.card.pieces.flatMap((p) => pieceFinding(p, input)),
  ],
};

function pieceFinding(piece: ResolvedPiece, { plan, card }: RuleInput): Finding[] {
  if (isCutToShape(piece.piece.size)) return [];
  const marks = plan.habits.trimmerMarks.map(({ ticks }) => ticks);
  const offOf = (size: Size) => axes.filter((axis) => !isOnMarks(size[axis], marks));
  const { width, height } = piece.rect;
  const size = [{ width, height }, piece.cut].find((each) => offOf(each).length > 0);
  if (!size) return [];
  const support = supportRect(card, piece.support);
  // Where only the size before trimming is off, what comes off is to be changed, by the designer.
  const remedies = (size === piece.cut ? [] : remedySizes(size, marks))
    .filter(
      ({ size: other }) =>
        other.width > 0 &&
        other.height > 0 &&
        other.width <= support.width &&
        other.height <= support.height,
    )
    .map((each): Remedy => resizeRemedy(each.id, piece, each.size, support));
  const off = offOf(size);
  return [findOn(piece, 'look', { rule: 'off-trimmer-marks', size, off, marks }, remedies)];
}

/** Both sides at the mark below, and at the mark above; a side that lies on a mark stays. */
function remedySizes(size: Size, marks: readonly Length[]) {
  const at = (direction: 'below' | 'above'): Size => ({
    width: neighbour(size.width, marks, direction),
    height: neighbour(size.height, marks, direction),
  });
  const below = { id: 'mark-below' as const, size: at('below') };
  const above = { id: 'mark-above' as const, size: at('above') };
  return sameSize(below.size, above.size) ? [below] : [below, above];
}

/** The nearest mark of any scale on that side. */
function neighbour(length: Length, marks: readonly Length[], direction: 'below' | 'above'): Length {
  if (isOnMarks(length, marks)) return length;
  const candidates = marks.map((spacing) => nearestMarks(length, spacing)[direction]);
  return candidates.reduce((best, each) =>
    (direction === 'below' ? each > best : each < best) ? each : best,
  );
}

function baseFinding({ plan, card }: RuleInput): Finding[] {
  const marks = plan.habits.trimmerMarks.map(({ ticks }) => ticks);
  const { blank } = card.base;
  const whole = sheets.flatMap(({ size }) => [size.width, size.height]);
  const off = axes.filter((axis) => !isOnMarks(blank[axis], marks) && !whole.includes(blank[axis]));
  if (off.length === 0) return [];
  return [
    {
      severity: 'look',
      subject: cardSubject(card),
      data: { rule: 'off-trimmer-marks', size: blank, off, marks },
      remedies: [],
    },
  ];
}
