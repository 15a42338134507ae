import { describe, expect, it } from 'vitest';
import { unplannedSupplies } from '../../../../test/support/unplanned';
import { coves, library, measure, moss, pieceOn, planOf } from '../../../../test/support/plans';
import { resolvePlan } from '../../resolve/resolvePlan';
import type { SupplyList } from '../../supplies/supplyList';
import { emptyHolding } from '../../stash/holdings';
import { noResults } from '../finding';
import { shortSupply } from './shortSupply';

const plan = planOf([pieceOn('front', 'panel', measure('4', '5'), { stock: moss })]);
const card = resolvePlan(plan, library);
const find = (supplies: SupplyList | undefined) =>
  shortSupply.find({ plan, card, library, results: { ...noResults, supplies } });
/** The supply list as the stash has it, with its sheets as if they were planned so. */
const withSheets = (owned: number | undefined, batch: number): SupplyList => {
  const list = unplannedSupplies(plan);
  const lacking = owned === undefined ? 0 : Math.max(0, batch - owned);
  return {
    ...list,
    rows: list.rows.map((row) =>
      row.item?.id === moss.id ? { ...row, batch, owned, lacking } : row,
    ),
  };
};

describe('what the stash has too little of', () => {
  it('is told by how much, with the piece that takes it', () => {
    expect(find(withSheets(2, 5))).toMatchObject([
      {
        subject: { kind: 'item', id: moss.id, takenBy: 'panel' },
        data: { batch: 5, lacking: 3, unit: 'sheet' },
      },
    ]);
  });

  it('is nothing where enough is there, nobody counts it, or the list is not made yet', () => {
    expect(find(withSheets(5, 5))).toEqual([]);
    expect(find(withSheets(undefined, 5))).toEqual([]);
    expect(find(undefined)).toEqual([]);
  });

  it('is a thing that is gone, which nobody counts by the piece', () => {
    const die = { by: 'die', set: coves, step: 0, turned: false } as const;
    const cut = planOf([pieceOn('front', 'cove', die)]);
    const on = resolvePlan(cut, library);
    const gone = { ...emptyHolding(coves.id), isGone: true };
    const supplies = unplannedSupplies(cut, library, [gone]);
    expect(
      shortSupply.find({ plan: cut, card: on, library, results: { ...noResults, supplies } }),
    ).toMatchObject([{ subject: { id: coves.id, takenBy: 'cove' }, data: { unit: 'use' } }]);
  });
});
