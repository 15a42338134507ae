import { describe, expect, it } from 'vitest';
import { chalk, measure, moss, pieceOn, planOf } from '../../../test/support/plans';
import { millimetres } from '../length/length';
import { asTyped } from '../length/typedLength';
import { emptyHolding } from '../stash/holdings';
import { takeFrom } from '../stash/takeFrom';
import { batchTakings } from './batchTakings';
import { withUses, listOf, owned } from '../../../test/support/supplies';

describe('taking out what a batch uses', () => {
  it('takes the sheets of the plan and puts by its useful leftovers, under the same ids each time', () => {
    const plan = withUses(
      planOf([pieceOn('front', 'panel', measure('4', '5'))], { stock: chalk }),
      3,
    );
    const { cuts, list } = listOf(plan, owned);
    const takings = batchTakings(list, cuts, owned, 'abc');
    expect(batchTakings(list, cuts, owned, 'abc')).toEqual(takings);
    const sheets = takings.find(({ itemId }) => itemId === moss.id);
    expect(sheets?.sheets).toEqual([{ sheet: 'letter', count: cuts.stocks[1]?.count }]);
    const useful = cuts.stocks.flatMap(({ layouts }) =>
      layouts.flatMap(({ leftovers, times }) =>
        leftovers.filter((r) => r.isUseful).map(() => times),
      ),
    );
    const putBy = takings.flatMap(({ leftOver }) => leftOver.map(({ count }) => count));
    const sum = (counts: readonly number[]) => counts.reduce((a, b) => a + b, 0);
    expect(sum(useful)).toBeGreaterThan(0);
    expect(sum(putBy)).toBe(sum(useful));
    const [, gems] = owned;
    const taking = takings.find(({ itemId }) => itemId === 'gem');
    if (!gems || !taking) throw new Error('no gems');
    expect(takeFrom(gems, taking).holding.count).toBe(41);
  });

  it('uses up the leftovers that the plan cuts', () => {
    const leftover = {
      id: 'a',
      size: { width: asTyped(millimetres(130)), height: asTyped(millimetres(150)) },
      count: 2,
    };
    const holdings = [{ ...emptyHolding(moss.id), leftovers: [leftover] }];
    const plan = withUses(
      planOf([pieceOn('front', 'panel', measure('4', '5'))], { stock: chalk }),
      2,
    );
    const { cuts, list } = listOf(plan, holdings);
    const taking = batchTakings(list, cuts, holdings, 'abc').find(
      ({ itemId }) => itemId === moss.id,
    );
    expect(taking?.usedUp).toMatchObject([{ id: 'a', count: 2 }]);
  });
});
