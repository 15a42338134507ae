import type { Size } from '../length/length';
import { sheetOf, type SheetId } from '../paper/sheets';
import type { Stock } from '../plan/libraryItem';
import type { Making, Plan } from '../plan/plan';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { Holding } from '../stash/holding';
import type { CutSource } from './cutPlan';
import { canBeFreed } from './unboundedValue';

/** Sheets or pieces of one size that a job is cut from. */
export interface JobSource extends CutSource {
  /** What one costs, its price or else its area; 0 for what is left over already. */
  readonly cost: number;
  readonly limit: number | undefined;
}

/**
 * The sheets a stock is cut from: those chosen for the card; else those owned, with the smallest others
 * that give what these do not; else the first it comes in.
 */
export function chosenSheets(
  stock: Stock,
  making: Making,
  holding: Holding,
  cuts: readonly Size[],
  reach: number,
): readonly SheetId[] {
  const chosen = making.sheets.find((each) => each.stock === stock.id)?.sheets ?? [];
  const offered = chosen.filter((sheet) => stock.sheets.includes(sheet));
  if (offered.length > 0) return offered;
  const owned = stock.sheets.filter((sheet) =>
    holding.sheets.some((each) => each.sheet === sheet && each.count !== 0),
  );
  const usual = owned.length > 0 ? owned : stock.sheets.slice(0, 1);
  const gives = (sheet: SheetId, { width: w, height: h }: Size) => {
    const { width, height } = sheetOf(sheet).size;
    const source = { w: width, h: height };
    return canBeFreed(source, { w, h }, reach) || canBeFreed(source, { w: h, h: w }, reach);
  };
  const added = cuts.flatMap((cut) =>
    usual.some((sheet) => gives(sheet, cut))
      ? []
      : stock.sheets
          .filter((sheet) => gives(sheet, cut))
          .toSorted((a, b) => areaOf(a) - areaOf(b))
          .slice(0, 1),
  );
  return stock.sheets.filter((sheet) => usual.includes(sheet) || added.includes(sheet));
}

function areaOf(sheet: SheetId): number {
  const { width, height } = sheetOf(sheet).size;
  return width * height;
}

/** What a stock is cut from: its sheets, what is left over of it, and the middles cut out of mats. */
export function sourcesOf(
  stock: Stock,
  plan: Plan,
  holding: Holding,
  card: ResolvedCard,
  count: number,
  ids: readonly SheetId[],
): readonly JobSource[] {
  const { making, habits } = plan;
  const prices = ids.map((id) => holding.sheets.find(({ sheet }) => sheet === id)?.price ?? null);
  const arePriced = prices.every((price) => price !== null && price > 0);
  const whole = ids.map((id, at): JobSource => {
    const { width: w, height: h } = sheetOf(id).size;
    const cost = arePriced ? (prices[at] ?? 0) : w * h;
    return { ...plain, kind: 'sheet', sheet: id, w, h, cost, limit: undefined };
  });
  const leftovers = making.usesLeftovers ? holding.leftovers : [];
  const middles = habits.recoversMiddles ? card.pieces.filter((each) => each.stock === stock) : [];
  return [
    ...whole,
    ...leftovers.map(({ id, size, count: limit }): JobSource => {
      const [w, h] = [size.width.ticks, size.height.ticks];
      return { ...plain, kind: 'leftover', leftoverId: id, w, h, cost: 0, limit };
    }),
    ...middles.flatMap(({ opening, letter }): JobSource[] => {
      if (!opening) return [];
      const { width: w, height: h } = opening;
      return [{ ...plain, kind: 'recovered', from: letter, w, h, cost: 0, limit: count }];
    }),
  ];
}

const plain = { sheet: null, leftoverId: null, from: null };
