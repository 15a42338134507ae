import { sameSize, type Length, type Size } from '../../length/length';
import { isOnMarks, nearestMarks } from '../../length/marks';
import { sheets } from '../../paper/sheets';
import { supportRect, type ResolvedPiece } from '../../resolve/resolvedCard';
import { findOnPiece, type Finding, type Remedy, type Rule, type RuleInput } from '../finding';
import { resizeRemedy } from './sizeRemedy';

const axes = ['width', 'height'] as const;

/**
 * A cut size that lies on none of the trimmer's marks. Borders that merely result are free of it,
 * and so is a side of the blank that is the whole side of a common sheet.
 */
export const offTrimmerMarks: Rule = {
  id: 'off-trimmer-marks',
  find: (input) => [
    ...baseFinding(input),
    ...input.card.pieces.flatMap((p) => pieceFinding(p, input)),
  ],
};

function pieceFinding(piece: ResolvedPiece, { plan, card }: RuleInput): Finding[] {
  const marks = plan.habits.trimmerMarks.map(({ ticks }) => ticks);
  const off = axes.filter((axis) => !isOnMarks(piece.rect[axis], marks));
  if (off.length === 0) return [];
  const support = supportRect(card, piece.support);
  const candidates = remedySizes(piece.rect, marks).filter(
    ({ size }) =>
      size.width > 0 &&
      size.height > 0 &&
      size.width <= support.width &&
      size.height <= support.height,
  );
  const remedies = candidates.map(({ id, size }): Remedy =>
    resizeRemedy(id, piece.id, size, support),
  );
  const size = { width: piece.rect.width, height: piece.rect.height };
  return [findOnPiece(piece, 'look', { rule: 'off-trimmer-marks', size, off, marks }, remedies)];
}

/** Both sides at the mark below, and at the mark above; a side that lies on a mark stays. */
function remedySizes(size: Size, marks: readonly Length[]) {
  const at = (direction: 'below' | 'above'): Size => ({
    width: neighbour(size.width, marks, direction),
    height: neighbour(size.height, marks, direction),
  });
  const below = { id: 'mark-below', size: at('below') };
  const above = { id: 'mark-above', size: at('above') };
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
      pieceId: undefined,
      letter: card.base.letter,
      name: 'Base',
      data: { rule: 'off-trimmer-marks', size: blank, off, marks },
      remedies: [],
    },
  ];
}
