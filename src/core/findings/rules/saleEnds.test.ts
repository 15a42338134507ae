import { describe, expect, it } from 'vitest';
import { findOnPlan } from '../../../../test/support/findings';
import { library, measure, moss, pieceOn, planOf } from '../../../../test/support/plans';
import type { Library } from '../../plan/library';
import type { Plan } from '../../plan/plan';

const until = (day: string | null): Library =>
  library.map((item) =>
    item.id === moss.id ? { ...item, sale: { from: null, until: day } } : item,
  );
const plan = planOf([pieceOn('front', 'panel', measure('4', '5'))]);
const on = (publishOn: string | null): Plan => ({ ...plan, about: { ...plan.about, publishOn } });

describe('what leaves sale', () => {
  it('is told when it is off sale before the tutorial comes', () => {
    const [found] = findOnPlan('sale-ends', on('2027-04-02'), until('2027-04-01'));
    expect(found?.data).toMatchObject({ until: '2027-04-01', publishOn: '2027-04-02' });
    expect(found?.subject).toMatchObject({ kind: 'item', id: moss.id, takenBy: 'panel' });
  });

  it('is not told on the last day, without a day, or without a tutorial', () => {
    expect(findOnPlan('sale-ends', on('2027-04-02'), until('2027-04-02'))).toEqual([]);
    expect(findOnPlan('sale-ends', on('2027-04-02'), until(null))).toEqual([]);
    expect(findOnPlan('sale-ends', on(null), until('2027-04-01'))).toEqual([]);
  });
});
