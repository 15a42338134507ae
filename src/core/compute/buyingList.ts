import { cutJob, type CutJob } from '../cutting/cutJob';
import type { CutPlan } from '../cutting/cutPlan';
import { joinJobs } from '../cutting/joinJobs';
import type { CardFile } from '../plan/cardFile';
import type { CardId } from '../plan/ids';
import { overlayLibrary, type Library } from '../plan/library';
import type { Plan } from '../plan/plan';
import { withCopies } from '../plan/withCopies';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { resolvePlan } from '../resolve/resolvePlan';
import type { Holding } from '../stash/holding';
import { joinSupplies } from '../supplies/joinSupplies';
import type { SentCard } from './sendCard';
import { supplyList, type SupplyList } from '../supplies/supplyList';
import type { SupplyRow } from '../supplies/supplyRow';

/** A card that is bought for, made so many times. */
export interface ChosenCard {
  readonly id: CardId;
  readonly plan: Plan;
  readonly card: ResolvedCard;
  readonly library: Library;
}

/** A card to buy for; the stash adds what may be taken instead of what the card was made with. */
export function chooseCard(file: CardFile, copies: number, stash: Library): ChosenCard {
  const plan = withCopies(file.plan, copies);
  const library = overlayLibrary(file.library, stash);
  return { id: file.id, plan, card: resolvePlan(plan, library), library };
}

/** Letters of several cards are told apart by the number of the card: `2C` is C of the second. */
function prefixOf(at: number, count: number): string {
  return count === 1 ? '' : String(at + 1);
}

/** What is cut for several cards at once. @throws RangeError without any card */
export function buyingJob(chosen: readonly ChosenCard[], holdings: readonly Holding[]): CutJob {
  return joinJobs(
    chosen.map(({ plan, card }, at) => ({
      prefix: prefixOf(at, chosen.length),
      job: cutJob(plan, card, holdings),
    })),
  );
}

/**
 * What several cards take together, their sheets from the plan that cuts them together.
 * @param sent how they are sent, as far as that is worked out
 */
export function buyingList(
  chosen: readonly ChosenCard[],
  holdings: readonly Holding[],
  cuts: CutPlan | undefined,
  sent: ReadonlyMap<CardId, SentCard>,
): SupplyList {
  const lists = chosen.map(({ id, ...each }) =>
    supplyList({
      ...each,
      ...{ holdings, cuts, cutsForOne: undefined },
      envelope: sent.get(id)?.envelope,
      postage: sent.get(id)?.postage,
    }),
  );
  const papers = new Map<string, SupplyRow>();
  for (const row of lists.flatMap(({ rows }) => rows)) {
    if (row.group !== 'paper') continue;
    // Every card sees the sheets of all, so one row of each says it.
    papers.set(row.key, { ...row, letters: lettersOf(row, cuts) });
  }
  return joinSupplies(lists, [...papers.values()]);
}

/** The letters that the joint plan cuts from a stock. */
function lettersOf({ item }: SupplyRow, cuts: CutPlan | undefined): readonly string[] {
  const own = cuts?.stocks.find(({ stock }) => stock.id === item?.id);
  const letters = own?.layouts.flatMap(({ pieces }) => pieces.flatMap((piece) => piece.letters));
  return [...new Set(letters ?? [])].sort();
}
