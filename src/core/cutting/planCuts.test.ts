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
  ticksOf,
  typed,
} from '../../../test/support/plans';
import { isCutEdgeToEdge, playCuts } from '../../../test/support/verifyCuts';
import type { LibraryId } from '../plan/ids';
import type { Library } from '../plan/library';
import type { Plan } from '../plan/plan';
import { plainMaking } from '../plan/plainPlan';
import { resolvePlan } from '../resolve/resolvePlan';
import type { Holding } from '../stash/holding';
import { emptyHolding } from '../stash/holdings';
import { highsCoverSolver } from './coverSolver';
import { copiesWithSpares, cutJob } from './cutJob';
import { cutPlanSchema, type CutPlan } from './cutPlan';
import { newSheets } from './countSheets';
import { planCuts, usualBudget } from './planCuts';
import { lastOf } from './planSheets';

const solver = highsCoverSolver(await loadHighs());
const budget = { ...usualBudget, isOver: () => false };
const cut = (plan: Plan, holdings: readonly Holding[] = [], from: Library = library) => {
  const card = resolvePlan(plan, from);
  return lastOf(planCuts(cutJob(plan, card, holdings), solver, budget));
};
const stockOf = (plan: CutPlan, name: string) => {
  const found = plan.stocks.find((each) => each.name.startsWith(name));
  if (!found) throw new Error(`no ${name} in ${plan.stocks.map((each) => each.name).join(', ')}`);
  return found;
};
/** How many of each letter the layouts give, spares of places that serve several letters apart. */
const piecesGiven = ({ layouts }: CutPlan['stocks'][number]) =>
  layouts.reduce((sum, { pieces, times }) => sum + pieces.length * times, 0);
/** A holding with leftovers of these sizes, one of each. */
const leftovers = (itemId: LibraryId, ...sizes: readonly string[]): Holding => ({
  ...emptyHolding(itemId),
  leftovers: sizes.map((text, index) => {
    const [width = '', height = ''] = text.split(' x ');
    return { id: `left-${index}`, size: { width: typed(width), height: typed(height) }, count: 1 };
  }),
});
const copies = (plan: Plan, count: number): Plan => ({
  ...plan,
  making: { ...plan.making, copies: count },
});

describe('the five-layer A2, fifty times', () => {
  const plan = copies(fiveLayers(), 50);
  const cuts = cut(plan);

  it('takes as few sheets as are possible, each cut edge to edge, as a hand does it', () => {
    expect(cutPlanSchema.parse(cuts)).toEqual(cuts);
    expect(cuts.stocks.length).toBeGreaterThan(1);
    for (const stock of cuts.stocks) {
      expect([stock.isLeast, stock.count]).toEqual([true, stock.bound]);
      for (const { source, pieces, steps, leftovers: rests } of stock.layouts) {
        expect(isCutEdgeToEdge(source, pieces)).toBe(true);
        const parts = playCuts(source, steps, plan.habits.trimmerLength.ticks);
        expect(parts).toHaveLength(pieces.length + rests.length);
      }
    }
  });

  it('gives every letter fifty times, and makes nothing more', () => {
    const wanted = resolvePlan(plan, library).pieces.length + 1;
    const given = cuts.stocks.reduce((sum, stock) => sum + piecesGiven(stock), 0);
    expect(given).toBe(wanted * 50);
  });

  it('names the stocks it has not come to, and none in the end', () => {
    const job = cutJob(plan, resolvePlan(plan, library), []);
    const [first] = planCuts(job, solver, budget);
    const names = job.stocks.map(({ stock }) => stock.name);
    expect(first?.pending).toEqual(names.slice(1));
    expect(names.length).toBeGreaterThan(1);
    expect(cuts.pending).toEqual([]);
  });

  it('is the same again', () => {
    expect(cut(plan)).toEqual(cuts);
  });
});

describe('worked figures', () => {
  // Handbook of the trade, worked figures (common practice): slimline base one to a letter sheet, leaving
  // 4 x 8 1/2.
  it('twenty-four slimline bases take twenty-four letter sheets, and each leaves 4 x 8 1/2', () => {
    const slimline = planOf([], {
      format: { kind: 'named', id: 'slimline', stand: 'upright' },
      stock: moss,
    });
    const [stock] = cut(copies(slimline, 24)).stocks;
    expect([stock?.count, stock?.bound, stock?.isLeast]).toEqual([24, 24, true]);
    expect(stock?.layouts).toHaveLength(1);
    const [rest] = stock?.layouts[0]?.leftovers ?? [];
    expect([rest?.w, rest?.h].toSorted()).toEqual([ticksOf('4'), ticksOf('8 1/2')].toSorted());
  });
});

describe('what sheets there are', () => {
  const panel = (count: number) =>
    copies(planOf([pieceOn('front', 'panel', measure('4', '5'))], { stock: chalk }), count);

  it('cuts leftovers first, unless told not to', () => {
    const holdings = [leftovers(moss.id, '4 1/4 x 11')];
    const stock = stockOf(cut(panel(2), holdings), 'Moss');
    expect([stock.count, stock.layouts[0]?.source.kind]).toEqual([0, 'leftover']);
    const without = { ...panel(2), making: { ...plainMaking, copies: 2, usesLeftovers: false } };
    expect(stockOf(cut(without, holdings), 'Moss').count).toBe(1);
  });

  it('takes the sheets chosen for the card, else what is owned, else the first it comes in', () => {
    const sheetOfPanel = (plan: Plan, holdings: readonly Holding[]) =>
      stockOf(cut(plan, holdings), 'Moss').layouts[0]?.source.sheet;
    const owned: Holding = {
      ...emptyHolding(moss.id),
      sheets: [
        { sheet: 'letter', count: 0, price: null },
        { sheet: 'a4', count: 3, price: null },
      ],
    };
    expect(sheetOfPanel(panel(1), [])).toBe('letter');
    expect(sheetOfPanel(panel(1), [owned])).toBe('a4');
    const chosen = [{ stock: moss.id, sheets: ['letter' as const] }];
    const making = { ...plainMaking, sheets: chosen };
    expect(sheetOfPanel({ ...panel(1), making }, [owned])).toBe('letter');
  });

  it('takes the middles cut out of mats for smaller pieces, where that is the habit', () => {
    const mat = { ...pieceOn('front', 'mat', measure('4', '5')), cutOut: { rim: typed('1/2') } };
    const top = { ...pieceOn('mat', 'top', measure('3 1/2', '4 1/2')), stock: chalk };
    const strip = pieceOn('inside', 'strip', measure('2', '3'));
    const plan = planOf([mat, top, strip], { stock: chalk });
    const recovered = stockOf(cut(plan), 'Moss').layouts.find(
      ({ source }) => source.kind === 'recovered',
    );
    expect(recovered?.source).toMatchObject({
      from: 'B',
      w: ticksOf('2 1/2'),
      h: ticksOf('3 1/2'),
    });
    const habits = { ...plan.habits, recoversMiddles: false };
    const kinds = stockOf(cut({ ...plan, habits }), 'Moss').layouts.map((each) => each.source.kind);
    expect(kinds).not.toContain('recovered');
  });

  it('cuts two versions of a stock from the same sheets, as the newer one tells them', () => {
    const newer = library.flatMap((item) => (item.id === moss.id ? [{ ...item, version: 2 }] : []));
    const pieces = [
      pieceOn('front', 'panel', measure('4', '5')),
      pieceOn('inside', 'label', measure('4', '5'), { stock: { ...moss, version: 2 } }),
    ];
    const plan = planOf(pieces, { stock: chalk });
    const { stocks } = cut(plan, [], [...library, ...newer]);
    const own = stocks.filter(({ stock }) => stock.id === moss.id);
    expect(own.map(({ stock, count }) => [stock.version, count])).toEqual([[2, 1]]);
  });

  it('cuts spares: so many, or so much of a hundred', () => {
    expect(copiesWithSpares(24, { by: 'each', count: 2 })).toBe(26);
    expect(copiesWithSpares(24, { by: 'percent', percent: 5 })).toBe(26);
    const making = { ...plainMaking, copies: 4, spares: { by: 'each' as const, count: 1 } };
    expect(piecesGiven(stockOf(cut({ ...panel(4), making }), 'Moss'))).toBe(5);
  });
});

describe('how pieces may lie', () => {
  const withMoss = (change: object): Library =>
    library.map((item) => (item.id === moss.id ? { ...item, ...change } : item));

  it('never turns a print that has a top', () => {
    const wide = planOf([pieceOn('front', 'wide', measure('5', '4'))], { stock: chalk });
    const counts = (from: Library) => stockOf(cut(copies(wide, 4), [], from), 'Moss').count;
    expect([counts(library), counts(withMoss({ direction: 'one-way' }))]).toEqual([1, 2]);
  });

  it('lays the score along the grain where a sheet gives it so, and else says it does not', () => {
    const base = (fold: 'side' | 'tent') => {
      const plan = planOf([], { stock: moss, fold });
      return { ...plan, habits: { ...plan.habits, scoresAlongGrain: true } };
    };
    const from = withMoss({ grain: 'long' });
    const [side] = cut(base('side'), [], from).stocks;
    expect(side?.layouts[0]?.pieces[0]?.scores).toEqual([
      { line: 'upright', at: ticksOf('4 1/4') },
    ]);
    expect(side?.isAcrossGrain).toBe(false);
    const [tent] = cut(base('tent'), [], from).stocks;
    expect([tent?.isAcrossGrain, tent?.impossible]).toEqual([true, []]);
  });

  it('names what no sheet gives, and what only a longer trimmer would', () => {
    const long = planOf([pieceOn('front', 'long', measure('3', '14'))], { stock: chalk });
    expect(stockOf(cut(long), 'Moss').impossible).toMatchObject([{ letter: 'B', why: 'size' }]);
    const short = { ...long.habits, trimmerLength: typed('8') };
    const panel = planOf([pieceOn('front', 'panel', measure('4', '10'))], { stock: chalk });
    const cuts = cut({ ...panel, habits: short });
    expect(stockOf(cuts, 'Moss').impossible).toMatchObject([{ letter: 'B', why: 'trimmer' }]);
    const slides = { ...short, slidesSheets: true };
    expect(stockOf(cut({ ...panel, habits: slides }), 'Moss').impossible).toEqual([]);
  });

  it('loses a kerf to each cut', () => {
    const half = planOf([pieceOn('front', 'half', measure('4 1/4', '11'))], { stock: chalk });
    const counts = (kerf: string) =>
      stockOf(cut(copies({ ...half, habits: { ...half.habits, kerf: typed(kerf) } }, 2)), 'Moss')
        .count;
    expect([counts('0'), counts('1/64')]).toEqual([1, 2]);
  });
});

describe('sizes on no common measure', () => {
  it('are planned all the same, on a coarser one, and cut in their own size', () => {
    const odd = Array.from({ length: 14 }, (_, index) =>
      pieceOn(
        'front',
        `odd-${index}`,
        measure(`${41 + index * 1.013} mm`, `${23 + index * 0.717} mm`),
      ),
    );
    const plan = copies(planOf(odd, { stock: chalk }), 3);
    const moss14 = stockOf(cut(plan), 'Moss');
    expect(piecesGiven(moss14)).toBe(14 * 3);
    const sizes = new Set(
      moss14.layouts.flatMap(({ pieces }) => pieces.flatMap(({ w, h }) => [w, h])),
    );
    expect(sizes.has(ticksOf('41 mm') as number)).toBe(true);
    for (const { source, pieces } of moss14.layouts)
      expect(isCutEdgeToEdge(source, pieces)).toBe(true);
    expect(newSheets(cut(plan))).toBeGreaterThan(0);
  });
});
