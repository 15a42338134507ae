import { describe, expect, it } from 'vitest';
import { loadHighs } from '../../test/support/highs';
import {
  chalk,
  fiveLayers,
  library,
  measure,
  moss,
  pieceOn,
  planOf,
} from '../../test/support/plans';
import { buyingList, prefixOf, type ChosenCard } from './buyingList';
import { highsCoverSolver } from './cutting/coverSolver';
import { cutJob } from './cutting/cutJob';
import { newSheets } from './cutting/countSheets';
import { joinJobs } from './cutting/joinJobs';
import { planCuts, usualBudget } from './cutting/planCuts';
import { lastOf } from './cutting/planSheets';
import type { CardFile } from './plan/cardFile';
import { usedLibrary } from './kinds/usedLibrary';
import type { CardId } from './plan/ids';
import type { Plan } from './plan/plan';
import { withCopies } from './plan/withCopies';
import { resolvePlan } from './resolve/resolvePlan';
import type { Holding } from './stash/holding';
import { emptyHolding } from './stash/holdings';
import { lackingList } from './supplies/supplyList';

const solver = highsCoverSolver(await loadHighs());
const fileOf = (id: string, plan: Plan): CardFile => ({
  format: 'nibwright-card',
  version: 1,
  id: id as CardId,
  plan,
  library: usedLibrary(plan, library),
  designer: null,
  release: null,
});
const panel = planOf([pieceOn('front', 'panel', measure('4', '5'))], { stock: chalk });
const chosen: readonly ChosenCard[] = [
  { file: fileOf('five', fiveLayers()), copies: 3 },
  { file: fileOf('one', panel), copies: 5 },
];
const holdings: readonly Holding[] = [
  { ...emptyHolding(moss.id), sheets: [{ sheet: 'letter', count: 1, price: 40 }] },
];
const cuts = lastOf(
  planCuts(
    joinJobs(
      chosen.map(({ file, copies }, at) => {
        const plan = withCopies(file.plan, copies);
        return {
          prefix: prefixOf(at, chosen.length),
          job: cutJob(plan, resolvePlan(plan, library), holdings),
        };
      }),
    ),
    solver,
    { ...usualBudget, isOver: () => false },
  ),
);
const list = buyingList(chosen, library, holdings, cuts);

describe('the buying list of several cards', () => {
  it('has the sheets of the plan that cuts them together, each stock once', () => {
    const sheets = list.rows.filter(({ unit }) => unit === 'sheet');
    expect(sheets.length).toBeGreaterThan(1);
    expect(sheets.reduce((sum, { batch = 0 }) => sum + batch, 0)).toBe(newSheets(cuts));
    expect(new Set(sheets.map(({ key }) => key)).size).toBe(sheets.length);
    expect(list.copies).toBe(8);
  });

  it('names the pieces by card, and tapes all of them', () => {
    const row = list.rows.find(({ item }) => item?.id === moss.id);
    expect(row?.letters.some((letter) => letter.startsWith('1'))).toBe(true);
    expect(row?.letters.some((letter) => letter.startsWith('2'))).toBe(true);
    const tape = (cards: readonly ChosenCard[]) =>
      buyingList(cards, library, holdings, undefined).rows.find(({ name }) => name === 'tape')
        ?.batch;
    const [five, one] = chosen.map((each) => tape([each]) ?? 0);
    expect(tape(chosen)).toBeCloseTo((five ?? 0) + (one ?? 0), 9);
  });

  it('keeps of each thing what the stash lacks, and only that', () => {
    const lacking = lackingList(list);
    const row = lacking.rows.find(({ key }) => key === 'moss letter');
    const all = list.rows.find(({ key }) => key === 'moss letter');
    expect(row?.batch).toBe((all?.batch ?? 0) - 1);
    expect(lacking.rows.every((each) => each.lacking > 0)).toBe(true);
    expect(lacking.cost).toBe(40 * (row?.batch ?? 0));
  });

  it('gives a card by itself no number before its letters', () => {
    expect([prefixOf(0, 1), prefixOf(0, 2), prefixOf(1, 2)]).toEqual(['', '1', '2']);
  });
});
