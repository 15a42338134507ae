import { describe, expect, it } from 'vitest';
import { loadHighs } from '../../../test/support/highs';
import {
  chalk,
  fiveLayers,
  library as papers,
  measure,
  moss,
  pieceOn,
  planOf,
} from '../../../test/support/plans';
import { highsCoverSolver } from '../cutting/coverSolver';
import { cutJob } from '../cutting/cutJob';
import { newSheets } from '../cutting/countSheets';
import { planCuts, usualBudget } from '../cutting/planCuts';
import { lastOf } from '../cutting/planSheets';
import { millimetres } from '../length/length';
import { asTyped } from '../length/typedLength';
import { defaultHabits } from '../plan/habits';
import type { LibraryId, PieceId } from '../plan/ids';
import type { LibraryItem } from '../plan/libraryItem';
import type { Library } from '../plan/library';
import type { Plan } from '../plan/plan';
import { resolvePlan } from '../resolve/resolvePlan';
import type { Holding } from '../stash/holding';
import { emptyHolding } from '../stash/holdings';
import { takeFrom } from '../stash/takeFrom';
import { adhesiveAmount } from './adhesiveAmount';
import { batchTakings } from './batchTakings';
import { joinSupplies } from './joinSupplies';
import { substitutes } from './substitutes';
import { isBought, rowCost, supplyList } from './supplyList';

const sale = { from: null, until: null };
const id = (text: string) => text as LibraryId;
const things: readonly LibraryItem[] = [
  {
    kind: 'embellishment',
    id: id('gem'),
    version: 1,
    name: 'Gem',
    sale,
    embellishment: 'gem',
    colour: '#aa2233',
  },
  {
    kind: 'embellishment',
    id: id('bead'),
    version: 1,
    name: 'Bead',
    sale,
    embellishment: 'gem',
    colour: '#ab2434',
  },
  {
    kind: 'tool',
    id: id('heat'),
    version: 1,
    name: 'Heat tool',
    sale,
    tool: 'heat tool',
    reach: null,
    depth: null,
    mark: null,
  },
  { kind: 'adhesive', id: id('runner'), version: 1, name: 'Runner', sale, glue: 'tape' },
];
const library: Library = [...papers, ...things];
const solver = highsCoverSolver(await loadHighs());
const use = (item: string, amount: number) => ({
  id: `takes-${item}` as PieceId,
  item: { id: id(item), version: 1 },
  amount,
  pieceId: null,
  note: '',
});
const withUses = (plan: Plan, copies: number): Plan => ({
  ...plan,
  making: { ...plan.making, copies },
  uses: [use('gem', 3), use('heat', 0)],
});
const cut = (plan: Plan, holdings: readonly Holding[]) =>
  lastOf(
    planCuts(cutJob(plan, resolvePlan(plan, library), holdings), solver, {
      ...usualBudget,
      isOver: () => false,
    }),
  );
const listOf = (plan: Plan, holdings: readonly Holding[]) => {
  const single = { ...plan, making: { ...plan.making, copies: 1 } };
  const cuts = cut(plan, holdings);
  const cutsForOne = cut(single, holdings);
  const card = resolvePlan(plan, library);
  return { cuts, list: supplyList({ plan, card, library, holdings, cuts, cutsForOne }) };
};
const owned: readonly Holding[] = [
  { ...emptyHolding(moss.id), sheets: [{ sheet: 'letter', count: 3, price: 40 }] },
  { ...emptyHolding(id('gem')), count: 50, price: 5 },
  { ...emptyHolding(id('runner')), count: 10, price: 12 },
];

describe('adhesive under a piece', () => {
  const habits = defaultHabits('mm');
  const size = { width: millimetres(100), height: millimetres(150) };

  // Worked by hand from the rates: 0.5 m of edge; 150 square centimetres.
  it('goes by edge or by area, as its kind does', () => {
    expect(adhesiveAmount('tape', size, habits)).toBeCloseTo(0.5, 12);
    expect(adhesiveAmount('liquid', size, habits)).toBeCloseTo(0.25, 12);
    expect(adhesiveAmount('foam', size, habits)).toBe(18);
  });

  it('has a square at each corner at least, and none where the house takes none', () => {
    const small = { width: millimetres(20), height: millimetres(20) };
    expect(adhesiveAmount('foam', small, habits)).toBe(4);
    const none = { ...habits, adhesiveRates: { ...habits.adhesiveRates, foam: 0 } };
    expect(adhesiveAmount('foam', small, none)).toBe(0);
  });
});

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
    const card = resolvePlan(plan, library);
    const bare = supplyList({
      plan,
      card,
      library,
      holdings: [],
      cuts: undefined,
      cutsForOne: undefined,
    });
    const paper = bare.rows.filter(({ unit }) => unit === 'sheet');
    expect(paper.length).toBeGreaterThan(0);
    expect(paper.every(({ batch }) => batch === undefined)).toBe(true);
  });
});

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

describe('what could do instead', () => {
  it('is of the same kind, the nearest in colour first, and there', () => {
    const gem = things[0];
    if (!gem) throw new Error('no gem');
    expect(substitutes(gem, library, []).map(({ item }) => item.id)).toEqual(['bead']);
    const gone = [{ ...emptyHolding(id('bead')), isGone: true }];
    const usedUp = [{ ...emptyHolding(id('bead')), count: 0 }];
    expect(substitutes(gem, library, gone)).toEqual([]);
    expect(substitutes(gem, library, usedUp)).toEqual([]);
  });

  it('tells what is different of a stock', () => {
    const old = papers.find((item) => item.id === moss.id);
    if (old?.kind !== 'stock') throw new Error('no moss');
    const fern = {
      ...old,
      id: id('fern'),
      colour: '#5a6c4d',
      gramsPerSquareMetre: 300,
      sheets: ['a4' as const],
    };
    const [found] = substitutes(old, [...papers, fern], []);
    expect(found?.item.id).toBe('fern');
    expect(found?.changes.map(({ kind }) => kind)).toEqual(['sheets', 'weight', 'colour']);
  });
});

describe('several cards', () => {
  it('are added up and compared with the stash once', () => {
    const lists = [2, 5].map((copies) => listOf(withUses(fiveLayers(), copies), owned).list);
    const joined = joinSupplies(lists, []);
    const gems = joined.rows.find(({ key }) => key === 'gem');
    expect([joined.copies, gems?.batch, gems?.lacking]).toEqual([7, 21, 0]);
    const many = joinSupplies([...lists, ...lists, ...lists], []).rows.find(
      ({ key }) => key === 'gem',
    );
    expect([many?.batch, many?.lacking]).toEqual([63, 13]);
  });
});
