import type { CutPlan, StockCuts } from '../cutting/cutPlan';
import type { SheetId } from '../paper/sheets';
import type { LibraryItem } from '../plan/libraryItem';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { holdingOf } from '../stash/holdings';
import { lackingOf, type SupplyInput, type SupplyRow } from './supplyRow';

/** The stocks of a card, a row for each size of sheet that the cut plans take. */
export function paperRows(input: SupplyInput): readonly SupplyRow[] {
  const { card, cuts, cutsForOne, holdings } = input;
  return papersOf(card).flatMap(({ item, letters }): SupplyRow[] => {
    const holding = holdingOf(holdings, item.id);
    const [batch, one] = [sheetsOf(cuts, item.id), sheetsOf(cutsForOne, item.id)];
    const kinds = [...new Set([...(batch?.keys() ?? []), ...(one?.keys() ?? [])])];
    const common = { group: 'paper', item, name: item.name, unit: 'sheet', letters } as const;
    if (kinds.length === 0)
      return [
        {
          ...common,
          key: `${item.id} `,
          sheet: undefined,
          one: one && 0,
          batch: batch && 0,
          owned: undefined,
          lacking: 0,
          price: undefined,
          notes: [],
        },
      ];
    return kinds.map((sheet) => {
      const held = holding.sheets.find((each) => each.sheet === sheet);
      // A size of sheet that is not in the stash, where others are counted, is not owned at all.
      const owned = held ? (held.count ?? undefined) : holding.sheets.length > 0 ? 0 : undefined;
      const needed = batch && (batch.get(sheet) ?? 0);
      return {
        ...common,
        key: `${item.id} ${sheet}`,
        sheet,
        one: one && (one.get(sheet) ?? 0),
        batch: needed,
        owned,
        lacking: lackingOf(needed, owned),
        price: held?.price ?? undefined,
        notes: [],
      };
    });
  });
}

/** The stocks of a card in the order of their letters. */
function papersOf({ base, pieces }: ResolvedCard) {
  const papers = new Map<string, { item: LibraryItem; letters: string[] }>();
  for (const { stock, letter } of [base, ...pieces]) {
    if (!stock) continue;
    const paper = papers.get(stock.id) ?? { item: stock, letters: [] };
    paper.letters.push(letter);
    papers.set(stock.id, paper);
  }
  return [...papers.values()];
}

/** New sheets of a stock by their size; undefined while it is not planned. */
function sheetsOf(
  cuts: CutPlan | undefined,
  stock: string,
): ReadonlyMap<SheetId, number> | undefined {
  const own = cuts?.stocks.filter((each) => each.stock.id === stock);
  if (!own || own.length === 0) return undefined;
  return own.reduce(countSheets, new Map<SheetId, number>());
}

function countSheets(counts: Map<SheetId, number>, { layouts }: StockCuts) {
  for (const { source, times } of layouts)
    if (source.sheet) counts.set(source.sheet, (counts.get(source.sheet) ?? 0) + times);
  return counts;
}
