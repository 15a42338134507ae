import type { CoverSolver } from './coverSolver';
import type { CutTree } from './cutTree';
import type { PlanBudget } from './cutSheets';
import { planSheets, type SheetPlan, type SheetSource, type WantedPiece } from './planSheets';
import { TooManyRectanglesError } from './unboundedValue';

/**
 * As `planSheets`; where sizes are so odd that there are too many places to cut at, they are first taken
 * a little larger, on a coarser measure, and the items cut to size in their places. Then only the area
 * proves anything. Plans only get better, whatever they were found on.
 */
export function* planPieces(
  sources: readonly SheetSource[],
  pieces: readonly WantedPiece[],
  solver: CoverSolver,
  budget: PlanBudget,
  limits: { readonly reach: number; readonly useful: number },
): Generator<SheetPlan, SheetPlan> {
  let best: SheetPlan | undefined;
  const better = (plan: SheetPlan) => (best = best && isBetter(best, plan) ? best : plan);
  for (let measure = 0; ; measure = measure === 0 ? finestMeasure(pieces) : measure * 2) {
    const coarse = measure === 0 ? pieces : pieces.map((each) => coarsen(each, measure, sources));
    try {
      const search = planSheets(sources, coarse, solver, budget, limits);
      const inSize = (plan: SheetPlan) =>
        better(measure === 0 ? plan : sizeDown(plan, sources, pieces));
      let step = search.next();
      for (; !step.done; step = search.next()) yield inSize(step.value);
      return inSize(step.value);
    } catch (error) {
      if (!(error instanceof TooManyRectanglesError)) throw error;
    }
  }
}

/** Whether a plan leaves less out than another, or costs less, or is proven where the other is not. */
function isBetter(plan: SheetPlan, other: SheetPlan): boolean {
  const missing = ({ short, impossible }: SheetPlan) =>
    short.reduce((sum, count) => sum + count, 0) + impossible.length * 1e6;
  const [a, b] = [missing(plan), missing(other)];
  return a !== b ? a < b : plan.cost < other.cost;
}

/** Coarser sizes start at so small a part of the largest piece, which is a fraction of a millimetre for most. */
const finestPart = 800;

function finestMeasure(pieces: readonly WantedPiece[]): number {
  return Math.max(1, Math.ceil(Math.max(...pieces.map(({ w, h }) => Math.max(w, h))) / finestPart));
}

/** Up to the next whole measure, but not past the side of a sheet the piece just fits. */
function coarsen(
  piece: WantedPiece,
  measure: number,
  sources: readonly SheetSource[],
): WantedPiece {
  const sides = sources.flatMap(({ w, h }) => [w, h]);
  const up = (length: number) =>
    Math.min(Math.ceil(length / measure) * measure, ...sides.filter((side) => side >= length));
  return { ...piece, w: up(piece.w), h: up(piece.h) };
}

function sizeDown(
  plan: SheetPlan,
  sources: readonly SheetSource[],
  pieces: readonly WantedPiece[],
): SheetPlan {
  const area = pieces.reduce(
    (sum, { w, h, copies }, at) => sum + (plan.impossible.includes(at) ? 0 : w * h * copies),
    0,
  );
  const free = sources.reduce((sum, { w, h, limit }) => sum + w * h * (limit ?? 0), 0);
  const largest = Math.max(...sources.flatMap(({ w, h, cost }) => (cost > 0 ? [w * h] : [])), 1);
  const bound = Math.min(plan.count, Math.max(0, Math.ceil((area - free) / largest)));
  return {
    ...plan,
    sheets: plan.sheets.map((each) => ({ ...each, tree: resize(each.tree, pieces) })),
    bound,
    isLeast: plan.short.every((count) => count === 0) && plan.count <= bound,
  };
}

function resize(tree: CutTree, pieces: readonly WantedPiece[]): CutTree {
  if (tree.kind === 'item') {
    const { w, h } = pieces[tree.item] ?? tree;
    return tree.turned ? { ...tree, w: h, h: w } : { ...tree, w, h };
  }
  const [first, second] = [resize(tree.first, pieces), resize(tree.second, pieces)];
  return tree.kind === 'across'
    ? { ...tree, first, second, w: first.w + second.w, h: Math.max(first.h, second.h) }
    : { ...tree, first, second, w: Math.max(first.w, second.w), h: first.h + second.h };
}
