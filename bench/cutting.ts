import batches from '../test/reference/cutting/batches.json';
import { highsCoverSolver, type HighsLike } from '../src/core/cutting/coverSolver';
import { planSheets } from '../src/core/cutting/planSheets';

/** Sheets, bound and time of the batch workloads with proven counts; the solver is handed in. */
export function benchCutting(highs: HighsLike): void {
  const solver = highsCoverSolver(highs);
  console.log('Cutting batches (targets: the bound reached; 10 copies under 1 s, 200 under 3 s)');
  console.table(
    batches.cases.map(({ id, sheet, pieces, lowerBound }) => {
      const start = performance.now();
      const { count, bound } = planSheets(sheet, pieces, solver, {
        mostPatterns: 600,
        mostBuilt: 3000,
        mostNodes: 1000,
        seed: 1,
        isOver: () => false,
      });
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
}
