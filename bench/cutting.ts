import beanPoles from '../demo/cards/bean-poles.nibwright.json';
import jarOfButtons from '../demo/cards/jar-of-buttons.nibwright.json';
import stash from '../demo/stash.json';
import batches from '../test/reference/cutting/batches.json';
import { highsCoverSolver, type HighsLike } from '../src/core/cutting/coverSolver';
import { cutJob } from '../src/core/cutting/cutJob';
import { newSheets } from '../src/core/cutting/countSheets';
import { planCuts, usualBudget } from '../src/core/cutting/planCuts';
import { lastOf, planSheets } from '../src/core/cutting/planSheets';
import { cardFileSchema } from '../src/core/plan/cardFile';
import { resolvePlan } from '../src/core/resolve/resolvePlan';
import { holdingSchema } from '../src/core/stash/holding';
import { mixedBatch, twoPads, withoutWaste, type Workload } from './workloads';

/** What a search may take, as the service would ask it to; the same clock for all. */
function budgetOf(seconds: number) {
  const end = performance.now() + seconds * 1000;
  return {
    ...usualBudget,
    isOver: () => performance.now() > end,
    secondsLeft: () => (end - performance.now()) / 1000,
  };
}

/** Longer than any aim, so that what is reached is seen, and when. */
const mostSeconds = 10;

/** Batches of the reference, and others made up as a team cuts them. */
const workloads: readonly Workload[] = [
  ...batches.cases.map(({ id, sheet, pieces, lowerBound }) => ({
    id,
    sources: [{ ...sheet, cost: sheet.w * sheet.h, limit: undefined }],
    pieces,
    suffices: lowerBound,
  })),
  ...[1, 2].flatMap((seed) => [
    mixedBatch(seed, 3, 1, true),
    mixedBatch(seed, 7, 10, true),
    mixedBatch(seed, 7, 50, true),
    mixedBatch(seed, 10, 200, true),
    mixedBatch(seed, 10, 50, false),
    mixedBatch(seed, 10, 200, false),
    twoPads(seed, 10),
    twoPads(seed, 50),
    withoutWaste(seed, 5),
    withoutWaste(seed, 10),
    withoutWaste(seed, 20),
  ]),
];

/** Cost, proof and time of batches and of whole cards; the solver is handed in. */
export function benchCutting(highs: HighsLike): void {
  const solver = highsCoverSolver(highs);
  console.log(
    'Cutting batches (aims: a good first plan in 50 ms; 1 copy proven in 50 ms, 10 in 1 s, 50 in 2 s, 200 at most 0.3 % over in 5 s; without waste at most 5 % over)',
  );
  console.table(
    workloads.map(({ id, sources, pieces, suffices }) => {
      const start = performance.now();
      const search = planSheets(sources, pieces, solver, budgetOf(mostSeconds));
      let step = search.next();
      const first = { ms: performance.now() - start, cost: step.value.cost };
      let best = { ms: first.ms, cost: first.cost };
      for (; !step.done; step = search.next())
        if (step.value.cost < best.cost)
          best = { ms: performance.now() - start, cost: step.value.cost };
      const { count, bound, cost, isLeast } = step.value;
      return {
        workload: id,
        kinds: pieces.length,
        pieces: pieces.reduce((sum, { copies }) => sum + copies, 0),
        'first ms': Math.round(first.ms),
        'first over last %': percentOver(first.cost, cost),
        sheets: count,
        'at least': sources.length > 1 ? undefined : bound,
        'known to suffice': suffices,
        'least cost proven': isLeast,
        'best after ms': Math.round(best.ms),
        'all done ms': Math.round(performance.now() - start),
      };
    }),
  );
  console.log('Whole demo cards from the demo stash, with leftovers and several sizes of sheet');
  const holdings = holdingSchema.array().parse(stash.holdings);
  console.table(
    [beanPoles, jarOfButtons].flatMap((file) => {
      const { plan, library } = cardFileSchema.parse(file);
      return [1, 10, 50, 200].map((copies) => {
        const batch = { ...plan, making: { ...plan.making, copies } };
        const start = performance.now();
        const search = planCuts(
          cutJob(batch, resolvePlan(batch, library), holdings),
          solver,
          budgetOf(mostSeconds),
        );
        search.next();
        const first = performance.now() - start;
        const cuts = lastOf(search);
        return {
          card: plan.about.title,
          copies,
          sheets: newSheets(cuts),
          // Where a stock comes in several sizes, their cost is what is proven, not their number.
          'stocks of least cost': `${cuts.stocks.filter(({ isLeast }) => isLeast).length} of ${cuts.stocks.length}`,
          'fence settings': cuts.stocks.reduce(
            (sum, { layouts }) => sum + layouts.reduce((own, { steps }) => own + steps.length, 0),
            0,
          ),
          'first answer ms': Math.round(first),
          ms: Math.round(performance.now() - start),
        };
      });
    }),
  );
}

function percentOver(cost: number, least: number): number {
  return Math.round((cost / least - 1) * 1000) / 10;
}
