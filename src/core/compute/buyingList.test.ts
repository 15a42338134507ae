import { describe, expect, it } from 'vitest';
import { loadHighs } from '../../../test/support/highs';
import {
  chalk,
  fiveLayers,
  library,
  measure,
  moss,
  pieceOn,
  planOf,
} from '../../../test/support/plans';
import { buyingJob, buyingList, chooseCard, type ChosenCard } from './buyingList';
import { sendCard } from './sendCard';
import { highsCoverSolver } from '../cutting/coverSolver';
import { newSheets } from '../cutting/countSheets';
import { planCuts, usualBudget } from '../cutting/planCuts';
import { lastOf } from '../cutting/planSheets';
import type { CardFile } from '../plan/cardFile';
import { usedLibrary } from '../kinds/usedLibrary';
import type { CardId } from '../plan/ids';
import type { Plan } from '../plan/plan';
import type { Holding } from '../stash/holding';
import type { HouseMail } from '../stash/houseMail';
import { emptyHolding } from '../stash/holdings';
import { lackingList } from '../supplies/supplyList';

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
  chooseCard(fileOf('five', fiveLayers()), 3, library),
  chooseCard(fileOf('one', panel), 5, library),
];
const holdings: readonly Holding[] = [
  { ...emptyHolding(moss.id), sheets: [{ sheet: 'letter', count: 1, price: 40 }] },
];
const cuts = lastOf(
  planCuts(buyingJob(chosen, holdings), solver, { ...usualBudget, isOver: () => false }),
);
const list = buyingList(chosen, holdings, cuts, new Map());

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
      buyingList(cards, holdings, undefined, new Map()).rows.find(({ name }) => name === 'tape')
        ?.batch;
    const [five, one] = chosen.map((each) => tape([each]) ?? 0);
    expect(tape(chosen)).toBeCloseTo((five ?? 0) + (one ?? 0), 9);
  });

  it('has envelopes and postage of all cards, as far as it is known how they are sent', () => {
    const mail: HouseMail = {
      home: 'uk',
      classes: {
        'uk-letter': { price: { hundredths: 110, asOf: '2027-01-15' }, limits: null },
        'uk-large-letter': { price: { hundredths: 155, asOf: '2027-01-15' }, limits: null },
      },
    };
    const files = [fileOf('five', fiveLayers()), fileOf('one', panel)];
    const sent = new Map(files.map((file) => [file.id, sendCard(file, library, holdings, mail)]));
    const classes = files.map(({ id }) => sent.get(id)?.postage?.class);
    expect(new Set(classes)).toEqual(new Set(['uk-letter']));
    const { rows } = buyingList(chosen, holdings, cuts, sent);
    const postage = rows.filter(({ group }) => group === 'postage');
    expect(postage).toMatchObject([{ name: 'United Kingdom: Letter', batch: 8, price: 110 }]);
    const envelopes = rows.filter(({ group }) => group === 'envelopes');
    expect(envelopes.reduce((sum, { batch = 0 }) => sum + batch, 0)).toBe(8);
    const [first] = files;
    const some = new Map(sent);
    if (first) some.delete(first.id);
    const [left] = buyingList(chosen, holdings, cuts, some).rows.filter(
      ({ group }) => group === 'postage',
    );
    expect(left?.batch).toBe(5);
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
    const letters = (cards: readonly ChosenCard[]) =>
      buyingJob(cards, []).stocks.flatMap(({ pieces }) =>
        pieces.flatMap((piece) => piece.for.map(({ letter }) => letter)),
      );
    expect(letters(chosen.slice(1)).every((letter) => /^[A-Z]/.test(letter))).toBe(true);
    expect(new Set(letters(chosen).map((letter) => letter[0]))).toEqual(new Set(['1', '2']));
  });
});
