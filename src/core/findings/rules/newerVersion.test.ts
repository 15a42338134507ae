import { describe, expect, it } from 'vitest';
import { findOnPlan } from '../../../../test/support/findings';
import { library, measure, moss, pieceOn, planOf } from '../../../../test/support/plans';
import { applyEdit } from '../../plan/applyEdit';
import type { Library } from '../../plan/library';
import { papersOf } from '../../plan/pieces';

describe('a newer version in the stash', () => {
  it('is offered, and taken everywhere the old one is used', () => {
    const newer: Library = [
      ...library,
      ...library.flatMap((item) => (item.id === moss.id ? [{ ...item, version: 2 }] : [])),
    ];
    const plan = planOf([
      pieceOn('front', 'panel', measure('4', '5')),
      pieceOn('inside', 'liner', measure('4', '5')),
    ]);
    expect(findOnPlan('newer-version', plan)).toEqual([]);
    const [found] = findOnPlan('newer-version', plan, newer);
    const edit = found?.remedies[0]?.edit;
    const outcome = edit && applyEdit(plan, edit);
    if (!outcome?.ok) throw new Error('the remedy does not apply');
    expect(papersOf(outcome.plan).map(({ stock }) => stock.version)).toEqual([2, 2]);
    expect(findOnPlan('newer-version', outcome.plan, newer)).toEqual([]);
  });
});
