import { describe, expect, it } from 'vitest';
import { unplannedSupplies } from '../../../test/support/unplanned';
import { fiveLayers, planOf, ribbonOn, typed } from '../../../test/support/plans';
import { newSheets } from '../cutting/countSheets';
import { isBought, rowCost } from './supplyList';
import { id, library, withUses, listOf, owned } from '../../../test/support/supplies';

describe('the supply list', () => {
  const plan = withUses(fiveLayers(), 50);
  const { cuts, list } = listOf(plan, owned);
  const row = (key: string) => list.rows.find((each) => each.key === key);

  it('agrees with the cut plan sheet for sheet', () => {
    const sheets = list.rows.filter(({ unit }) => unit === 'sheet');
    expect(sheets.length).toBeGreaterThan(1);
    expect(sheets.reduce((sum, { batch = 0 }) => sum + batch, 0)).toBe(newSheets(cuts));
    for (const { stock, count } of cuts.stocks)
      expect(
        sheets
          .filter(({ item }) => item?.id === stock.id)
          .reduce((sum, { batch = 0 }) => sum + batch, 0),
      ).toBe(count);
  });

  it('tells what one card and all take, what the stash has, and what it lacks', () => {
    expect(row('gem')).toMatchObject({
      one: 3,
      batch: 150,
      owned: 50,
      lacking: 100,
      unit: 'piece',
    });
    expect(row('heat')).toMatchObject({ unit: 'use', batch: undefined, lacking: 0 });
    const tape = row('runner');
    expect(tape?.batch).toBeCloseTo((tape?.one ?? 0) * 50, 9);
    expect(tape?.lacking).toBeCloseTo((tape?.batch ?? 0) - 10, 9);
    const mossRow = row('moss letter');
    expect(mossRow?.lacking).toBe((mossRow?.batch ?? 0) - 3);
  });

  it('has ribbon by the metre, that of the stash by its item', () => {
    const tied = [
      ribbonOn('front', 'ribbon', { way: 'laid' }),
      ribbonOn('front', 'other', { way: 'laid', look: 'twine', width: typed('1 mm') }),
      ribbonOn('front', 'second', { way: 'laid' }),
    ];
    const rows = unplannedSupplies(planOf(tied, { unit: 'mm' })).rows;
    const across = 2 * 0.10795;
    expect(rows.find(({ name }) => name === 'Ribbon, 10 mm')?.one).toBeCloseTo(across, 9);
    expect(rows.find(({ name }) => name === 'Twine, 1 mm')).toMatchObject({
      group: 'embellishments',
      unit: 'm',
      one: across / 2,
    });
    const ofStash = tied.map((each) => ({ ...each, item: { id: id('braid'), version: 1 } }));
    const { list: listed } = listOf(withUses(planOf(ofStash), 4), owned);
    expect(listed.rows.find(({ key }) => key === 'braid')).toMatchObject({
      name: 'Braid',
      unit: 'm',
      lacking: 0,
    });
  });

  it('has the tape or glue that keeps a ribbon where it is', () => {
    const amount = (change: Parameters<typeof ribbonOn>[2], name: string) => {
      const { rows } = unplannedSupplies(
        planOf([ribbonOn('front', 'ribbon', change)], { unit: 'mm' }),
      );
      return rows.find((row) => row.name === name)?.one;
    };
    const tuck = typed('15 mm');
    expect(amount({ way: 'tucked', tuck, fixing: 'taped' }, 'tape')).toBeCloseTo(0.03, 9);
    expect(amount({ way: 'tucked', tuck, fixing: 'tied' }, 'tape')).toBeUndefined();
    expect(amount({ way: 'round', fixing: 'taped' }, 'tape')).toBeCloseTo(0.012, 9);
    expect(amount({ way: 'laid', fixing: 'glued' }, 'liquid glue')).toBeGreaterThan(0);
  });

  it('adds up what has a price and names what has none', () => {
    const [gems, tape, sheets] = [row('gem'), row('runner'), row('moss letter')];
    const sum =
      5 * (gems?.batch ?? 0) + Math.round(12 * (tape?.batch ?? 0)) + 40 * (sheets?.batch ?? 0);
    expect(list.cost).toBe(sum);
    expect(list.unpriced).toContain('Chalk 216 g');
    expect(list.unpriced).not.toContain('Heat tool');
  });

  it('costs one card its share, and says of a row what it costs or that no price is known', () => {
    expect(list.costOfOne).toBe(Math.round(list.cost / 50));
    const [gems, tool] = [row('gem'), row('heat')];
    const unpriced = list.rows.find(({ name }) => name === list.unpriced[0]);
    if (!gems || !tool || !unpriced)
      throw new Error('expected gems, a tool, and paper without a price');
    expect([rowCost(gems), isBought(gems)]).toEqual([750, true]);
    expect(isBought(tool)).toBe(false);
    expect([rowCost(unpriced), isBought(unpriced)]).toEqual([undefined, true]);
  });

  it('leaves amounts of paper open until the cuts are planned', () => {
    const bare = unplannedSupplies(plan, library);
    const paper = bare.rows.filter(({ unit }) => unit === 'sheet');
    expect(paper.length).toBeGreaterThan(0);
    expect(paper.every(({ batch }) => batch === undefined)).toBe(true);
  });
});
