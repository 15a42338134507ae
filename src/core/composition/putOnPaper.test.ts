import { describe, expect, it } from 'vitest';
import {
  library,
  measure,
  pieceOn,
  planOf,
  ticksOf,
  typed,
  wordsOn,
} from '../../../test/support/plans';
import { applyEdit } from '../plan/applyEdit';
import type { PlaceRule } from '../plan/piece';
import { resolvePlan } from '../resolve/resolvePlan';
import { putOnPaper } from './putOnPaper';

const size = { width: ticksOf('3'), height: ticksOf('1') };
const label = pieceOn('panel', 'label', measure('3', '1'));

/** The label and the words on it, once words that stood so are put on it. */
function put(place: Partial<PlaceRule>, turn = 0) {
  const plan = planOf([
    pieceOn('front', 'panel', measure('4', '5')),
    wordsOn('panel', 'words', ['hello'], place),
  ]);
  const card = resolvePlan(plan, library);
  const [words] = card.marks;
  if (!words) throw new Error('expected words');
  const paper = { ...label, place: { ...label.place, turn } };
  const outcome = applyEdit(plan, putOnPaper(plan, card, words, paper, size));
  if (!outcome.ok) throw new Error('the edit is refused');
  const after = resolvePlan(outcome.plan, library);
  const [, under] = after.pieces;
  const [mark] = after.marks;
  if (!under || !mark) throw new Error('expected a label with words');
  return { words, under, mark };
}
const middleOf = ({
  x,
  y,
  width,
  height,
}: {
  x: number;
  y: number;
  width: number;
  height: number;
}) => [x + width / 2, y + height / 2];

describe('words put on paper of their own', () => {
  it('stay where they stood, the paper middle on middle under them', () => {
    const { words, under, mark } = put({
      x: { from: 'left', distance: typed('1 1/4') },
      y: { from: 'top', distance: typed('2') },
    });
    expect(mark.support).toBe('label');
    const [before, paper, after] = [words.rect, under.rect, mark.rect].map(middleOf);
    for (const axis of [0, 1])
      for (const now of [paper, after])
        expect(Math.abs((now?.[axis] ?? NaN) - (before?.[axis] ?? NaN))).toBeLessThanOrEqual(1);
  });

  it('that were centred lie on paper that is centred by its rule', () => {
    const { under, mark } = put({ y: { from: 'bottom', distance: typed('1/2') } });
    expect(under.piece.place.x).toEqual({ from: 'centre' });
    expect(under.piece.place.y).toMatchObject({ from: 'bottom' });
    expect(mark.piece.place).toEqual({ x: { from: 'centre' }, y: { from: 'centre' }, turn: 0 });
  });

  it('lie on paper that keeps the turn it was given', () => {
    expect(put({}, 8).under.piece.place.turn).toBe(8);
  });
});
