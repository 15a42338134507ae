import type { CardProblem } from './cuttingProblem';
import { cutJob } from '../cutting/cutJob';
import type { CoverSolver } from '../cutting/coverSolver';
import { planCuts, usualBudget } from '../cutting/planCuts';
import { lastOf } from '../cutting/planSheets';
import type { SearchTime } from './solveCutting';
import type { Plan } from '../plan/plan';
import { forOneCard, withCopies } from '../plan/withCopies';
import { envelopeNeed } from '../post/envelopeNeed';
import { resolvePlan } from '../resolve/resolvePlan';
import type { SuppliesAnswer } from './suppliesProblem';
import { supplyList } from '../supplies/supplyList';

/** The supply list of a card file, its sheets from a cut plan for the batch and one for a single card. */
export function solveSupplies(
  { file, copies, holdings, seed }: CardProblem,
  solver: CoverSolver,
  time: SearchTime,
): SuppliesAnswer {
  const plan = withCopies(file.plan, copies);
  const card = resolvePlan(plan, file.library);
  const cut = (each: Plan) =>
    lastOf(planCuts(cutJob(each, card, holdings), solver, { ...usualBudget, seed, ...time }));
  const cuts = cut(plan);
  const list = supplyList({
    plan,
    card,
    library: file.library,
    holdings,
    cuts,
    cutsForOne: cut(forOneCard(plan)),
    envelope: envelopeNeed(plan, card, file.library, holdings),
  });
  return {
    copies: list.copies,
    rows: list.rows.map(({ item, sheet, one, batch, owned, price, ...row }) => ({
      group: row.group,
      itemId: item?.id ?? null,
      name: row.name,
      sheet: sheet ?? null,
      unit: row.unit,
      one: one ?? null,
      batch: batch ?? null,
      owned: owned ?? null,
      lacking: row.lacking,
      price: price ?? null,
      letters: row.letters,
      notes: row.notes,
    })),
    cost: list.cost,
    unpriced: list.unpriced,
    isCutShort: time.isOver(),
    cutPlan: cuts,
  };
}
