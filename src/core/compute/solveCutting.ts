import type {
  BatchProblem,
  CardProblem,
  CuttingAnswer,
  CuttingProblem,
  ValueProblem,
} from './cuttingProblem';
import { bestValue } from '../cutting/bestValue';
import type { CoverSolver } from '../cutting/coverSolver';
import { cutJob } from '../cutting/cutJob';
import { placeItems } from '../cutting/cutTree';
import { layOutSheet } from '../cutting/layOutSheet';
import { planCuts, usualBudget } from '../cutting/planCuts';
import type { PlanBudget } from '../cutting/cutSheets';
import { planPieces } from '../cutting/planPieces';
import type { SheetPlan } from '../cutting/planSheets';
import { withCopies } from '../plan/withCopies';
import { resolvePlan } from '../resolve/resolvePlan';

/** How long a search may take. */
export type SearchTime = Pick<PlanBudget, 'isOver' | 'secondsLeft'>;

/**
 * Solves a problem of the cutting service, yielding answers as they get better; one that is not the
 * last says that it was cut short, for it is the answer where the search is ended.
 * @throws TooManyRectanglesError for a value problem on too fine a measure.
 */
export function* solveCutting(
  problem: CuttingProblem,
  solver: CoverSolver,
  time: SearchTime,
): Generator<CuttingAnswer, CuttingAnswer> {
  if ('file' in problem) return yield* solveCard(problem, solver, time);
  if ('pieces' in problem) return yield* solveBatch(problem, solver, time);
  return solveValue(problem, time.isOver);
}

function* solveCard(
  { file, copies, holdings, seed }: CardProblem,
  solver: CoverSolver,
  time: SearchTime,
): Generator<CuttingAnswer, CuttingAnswer> {
  const plan = withCopies(file.plan, copies);
  const job = cutJob(plan, resolvePlan(plan, file.library), holdings);
  const search = planCuts(job, solver, { ...usualBudget, seed, ...time });
  let step = search.next();
  const answer = (isCutShort: boolean): CuttingAnswer => ({
    kind: 'card',
    isCutShort,
    plan: step.value,
  });
  for (; !step.done; step = search.next()) yield answer(true);
  return answer(time.isOver());
}

function* solveBatch(
  problem: BatchProblem,
  solver: CoverSolver,
  time: SearchTime,
): Generator<CuttingAnswer, CuttingAnswer> {
  const { kerf, longestCut, pieces, seed } = problem;
  const sheets = problem.sheets ?? (problem.sheet ? [problem.sheet] : []);
  const areAllPriced = sheets.every(({ cost }) => cost !== undefined);
  const sources = sheets.map(({ w, h, cost, count }) => ({
    w: w + kerf,
    h: h + kerf,
    cost: areAllPriced ? (cost ?? 0) : w * h,
    limit: count,
  }));
  const wanted = pieces.map(({ w, h, copies, mayTurn }) => ({
    w: w + kerf,
    h: h + kerf,
    copies,
    mayTurn,
  }));
  const reach = (longestCut ?? Infinity) + kerf;
  const search = planPieces(
    sources,
    wanted,
    solver,
    { ...usualBudget, seed, ...time },
    { reach, useful: 0 },
  );
  const answer = (plan: SheetPlan, isCutShort: boolean) =>
    batchAnswer(plan, problem, reach, isCutShort);
  let step = search.next();
  for (; !step.done; step = search.next()) yield answer(step.value, true);
  return answer(step.value, time.isOver());
}

function batchAnswer(
  plan: SheetPlan,
  { unit, sheet, sheets = sheet ? [sheet] : [], pieces, kerf }: BatchProblem,
  reach: number,
  isCutShort: boolean,
): CuttingAnswer {
  const idOf = (item: number) => pieces[item]?.id ?? String(item);
  const layouts = plan.sheets.flatMap(({ tree, source, times }) => {
    const given = sheets[source];
    if (!given) return [];
    const size = { w: given.w + kerf, h: given.h + kerf };
    const laid = layOutSheet(tree, size, { kerf, reach, useful: 0 });
    return [
      {
        sheet: { id: given.id ?? String(source), w: given.w, h: given.h },
        times,
        pieces: laid.items.map(({ item, ...place }) => ({ ...place, id: idOf(item) })),
        steps: laid.steps.map(({ line, fence, parts }) => ({
          line,
          fence,
          cuts: parts.flatMap(({ lines }) => [...lines]),
        })),
        leftovers: laid.rests.map(({ x, y, w, h }) => ({ x, y, w, h })),
      },
    ];
  });
  return {
    kind: 'batch',
    unit,
    sheets: plan.count,
    bound: plan.bound,
    isProven: plan.isLeast,
    isCutShort,
    fenceSettings: layouts.reduce((sum, { steps }) => sum + steps.length, 0),
    layouts,
    impossible: plan.impossible.map(idOf),
    short: plan.short.flatMap((count, item) => (count > 0 ? [{ id: idOf(item), count }] : [])),
  };
}

/** Rectangles built before a value problem is left unproven; a few seconds' worth. */
const mostBuilt = 400_000;

function solveValue(
  { sheet, items, rotation }: ValueProblem,
  isOver: () => boolean,
): CuttingAnswer {
  const wanted = items.map(({ w, h, value, copies }) => ({ w, h, value, copies }));
  const best = bestValue(sheet, wanted, rotation, { mostBuilt, isOver });
  return {
    kind: 'value',
    value: best.value,
    bound: best.bound,
    isProven: best.isProven,
    isCutShort: isOver(),
    pieces: placeItems(best.tree),
  };
}
