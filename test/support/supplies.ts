import { loadHighs } from './highs';
import { library as papers, moss } from './plans';
import { highsCoverSolver } from '../../src/core/cutting/coverSolver';
import { cutJob } from '../../src/core/cutting/cutJob';
import { planCuts, usualBudget } from '../../src/core/cutting/planCuts';
import { lastOf } from '../../src/core/cutting/planSheets';
import { type LibraryId, type PieceId } from '../../src/core/plan/ids';
import { type LibraryItem } from '../../src/core/plan/libraryItem';
import { type Library } from '../../src/core/plan/library';
import { type Plan } from '../../src/core/plan/plan';
import { resolvePlan } from '../../src/core/resolve/resolvePlan';
import { type Holding } from '../../src/core/stash/holding';
import { emptyHolding } from '../../src/core/stash/holdings';
import { supplyList } from '../../src/core/supplies/supplyList';

export const sale = { from: null, until: null };

export const id = (text: string) => text as LibraryId;

export const things: readonly LibraryItem[] = [
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
    kind: 'embellishment',
    id: id('braid'),
    version: 1,
    name: 'Braid',
    sale,
    embellishment: 'ribbon',
    colour: '#3a5a7c',
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

export const library: Library = [...papers, ...things];

export const solver = highsCoverSolver(await loadHighs());

export const use = (item: string, amount: number) => ({
  id: `takes-${item}` as PieceId,
  item: { id: id(item), version: 1 },
  amount,
  pieceId: null,
  note: '',
});

export const withUses = (plan: Plan, copies: number): Plan => ({
  ...plan,
  making: { ...plan.making, copies },
  uses: [use('gem', 3), use('heat', 0)],
});

export const cut = (plan: Plan, holdings: readonly Holding[]) =>
  lastOf(
    planCuts(cutJob(plan, resolvePlan(plan, library), holdings), solver, {
      ...usualBudget,
      isOver: () => false,
    }),
  );

export const listOf = (plan: Plan, holdings: readonly Holding[]) => {
  const single = { ...plan, making: { ...plan.making, copies: 1 } };
  const cuts = cut(plan, holdings);
  const cutsForOne = cut(single, holdings);
  const card = resolvePlan(plan, library);
  return {
    cuts,
    list: supplyList({ plan, card, library, holdings, cuts, cutsForOne, envelope: undefined }),
  };
};

export const owned: readonly Holding[] = [
  { ...emptyHolding(moss.id), sheets: [{ sheet: 'letter', count: 3, price: 40 }] },
  { ...emptyHolding(id('gem')), count: 50, price: 5 },
  { ...emptyHolding(id('runner')), count: 10, price: 12 },
];
