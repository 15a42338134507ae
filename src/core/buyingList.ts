import type { CutPlan } from './cutting/cutPlan';
import type { CardFile } from './plan/cardFile';
import { overlayLibrary, type Library } from './plan/library';
import { withCopies } from './plan/withCopies';
import { resolvePlan } from './resolve/resolvePlan';
import type { Holding } from './stash/holding';
import { joinSupplies } from './supplies/joinSupplies';
import { supplyList, type SupplyList } from './supplies/supplyList';
import type { SupplyRow } from './supplies/supplyRow';

/** A card that is bought for, and how many of it. */
export interface ChosenCard {
  readonly file: CardFile;
  readonly copies: number;
}

/** Letters of several cards are told apart by the number of the card: `2C` is C of the second. */
export function prefixOf(at: number, count: number): string {
  return count === 1 ? '' : String(at + 1);
}

/** What several cards take together, their sheets from the plan that cuts them together. */
export function buyingList(
  chosen: readonly ChosenCard[],
  library: Library,
  holdings: readonly Holding[],
  cuts: CutPlan | undefined,
): SupplyList {
  const lists = chosen.map((each) => {
    const plan = withCopies(each.file.plan, each.copies);
    const all = overlayLibrary(each.file.library, library);
    const card = resolvePlan(plan, all);
    return supplyList({ plan, card, library: all, holdings, cuts, cutsForOne: undefined });
  });
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
