import type { CutPlan, StockCuts } from '../cutting/cutPlan';
import { lengthFromTicks } from '../length/length';
import { asTyped } from '../length/typedLength';
import type { LibraryId } from '../plan/ids';
import type { Holding, Leftover } from '../stash/holding';
import { holdingOf } from '../stash/holdings';
import type { Taking } from '../stash/taking';
import type { SupplyList } from './supplyList';

/**
 * What a batch takes out of the stash: the sheets and leftovers its cut plan uses, with the useful
 * leftovers it makes, and all else that is used up. `mark` goes into the ids of the new leftovers, so
 * that the same batch gives the same ones.
 */
export function batchTakings(
  { rows }: SupplyList,
  cuts: CutPlan,
  holdings: readonly Holding[],
  mark: string,
): readonly Taking[] {
  const papers = cuts.stocks.map((stock) => paperTaking(stock, holdings, mark));
  const others = rows.flatMap(({ item, unit, batch = 0 }): Taking[] =>
    item && item.kind !== 'stock' && unit !== 'use' && batch > 0
      ? [{ itemId: item.id, sheets: [], usedUp: [], leftOver: [], amount: batch }]
      : [],
  );
  return [...papers, ...others];
}

function paperTaking({ stock, layouts }: StockCuts, holdings: readonly Holding[], mark: string) {
  const sheets = new Map<string, Taking['sheets'][number]>();
  const usedUp = new Map<string, Leftover>();
  const left = new Map<string, Leftover>();
  const owned = holdingOf(holdings, stock.id).leftovers;
  for (const { source, times, leftovers } of layouts) {
    if (source.sheet) {
      const count = (sheets.get(source.sheet)?.count ?? 0) + times;
      sheets.set(source.sheet, { sheet: source.sheet, count });
    }
    const known = owned.find(({ id }) => id === source.leftoverId);
    if (known)
      usedUp.set(known.id, { ...known, count: (usedUp.get(known.id)?.count ?? 0) + times });
    for (const { w, h, isUseful } of leftovers) {
      if (!isUseful) continue;
      const [width, height] = [Math.max(w, h), Math.min(w, h)];
      const key = `${width} ${height}`;
      const before = left.get(key);
      left.set(key, {
        id: before?.id ?? `${mark}-${left.size + 1}`,
        size: {
          width: asTyped(lengthFromTicks(width)),
          height: asTyped(lengthFromTicks(height)),
        },
        count: (before?.count ?? 0) + times,
      });
    }
  }
  const itemId: LibraryId = stock.id;
  return {
    itemId,
    sheets: [...sheets.values()],
    usedUp: [...usedUp.values()],
    leftOver: [...left.values()],
    amount: 0,
  };
}
