import { describe, expect, it } from 'vitest';
import { must } from '../../../test/support/must';
import {
  library,
  measure,
  moss,
  pieceOn,
  planOf,
  rowPaper,
  wordsOn,
} from '../../../test/support/plans';
import { applyEdit } from '../plan/applyEdit';
import type { PieceId } from '../plan/ids';
import type { LibraryRef } from '../plan/libraryItem';
import { resolvePlan } from '../resolve/resolvePlan';
import { addWords } from './addWords';

const cardWithWords = (stock: LibraryRef) => {
  const plan = planOf([{ ...pieceOn('front', 'panel', measure('3', '4')), stock }]);
  const input = { plan, library, holdings: [], unit: 'in' } as const;
  const edit = addWords(input, wordsOn('panel', 'words', ['so glad']), () => 'strip' as PieceId);
  const outcome = applyEdit(plan, edit);
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return resolvePlan(outcome.plan, library);
};

describe('new words', () => {
  it('lie on a plain panel as they are', () => {
    const card = cardWithWords(moss);
    expect(card.marks[0]?.support).toBe('panel');
    expect(card.pieces).toHaveLength(1);
  });

  it('start on a plain strip where their paper is patterned', () => {
    const card = cardWithWords(rowPaper);
    expect(card.marks[0]?.support).toBe('strip');
    const strip = must(card.pieces.find(({ id }) => id === 'strip'));
    expect(strip.support).toBe('panel');
    expect(strip.piece.stock).not.toEqual(rowPaper);
  });
});
