import beanPoles from '../demo/cards/bean-poles.nibwright.json';
import jarOfButtons from '../demo/cards/jar-of-buttons.nibwright.json';
import stash from '../demo/stash.json';
import batches from '../test/reference/cutting/batches.json';
import { highsCoverSolver, type HighsLike } from '../src/core/cutting/coverSolver';
import { cutJob } from '../src/core/cutting/cutJob';
import { leastSheets, newSheets } from '../src/core/cutting/countSheets';
import { planCuts, usualBudget } from '../src/core/cutting/planCuts';
import { lastOf, planSheets } from '../src/core/cutting/planSheets';
import { cardFileSchema } from '../src/core/plan/cardFile';
import { resolvePlan } from '../src/core/resolve/resolvePlan';
import { holdingSchema } from '../src/core/stash/holding';

const budget = { ...usualBudget, isOver: () => false };

/** Sheets, bound and time of batches with proven counts and of whole cards; the solver is handed in. */
export function benchCutting(highs: HighsLike): void {
  const solver = highsCoverSolver(highs);
  console.log('Cutting batches (targets: the bound reached; 10 copies under 1 s, 200 under 3 s)');
  console.table(
    batches.cases.map(({ id, sheet, pieces, lowerBound }) => {
      const start = performance.now();
      const sources = [{ ...sheet, cost: 1, limit: undefined }];
      const { count, bound } = lastOf(planSheets(sources, pieces, solver, budget));
      return {
        workload: id,
        kinds: pieces.length,
        pieces: pieces.reduce((sum, { copies }) => sum + copies, 0),
        sheets: count,
        bound,
        'proven elsewhere': lowerBound,
        ms: Math.round(performance.now() - start),
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
          budget,
        );
        search.next();
        const first = performance.now() - start;
        const cuts = lastOf(search);
        return {
          card: plan.about.title,
          copies,
          sheets: newSheets(cuts),
          bound: leastSheets(cuts),
          'stocks proven': `${cuts.stocks.filter(({ isLeast }) => isLeast).length} of ${cuts.stocks.length}`,
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
