import { adhesiveRows } from './adhesiveRows';
import { colourRows, mergeUses } from './colourRows';
import { paperRows } from './paperRows';
import { supplyGroups, type SupplyInput, type SupplyRow } from './supplyRow';
import {
  dieRows,
  dotRows,
  envelopeRows,
  notedRows,
  postageRows,
  ribbonRows,
  toolRows,
} from './itemRows';

/** The rows of a supply list and what they cost. */
export interface SupplyList {
  readonly copies: number;
  /** In the order of the groups. */
  readonly rows: readonly SupplyRow[];
  /** Hundredths for the batch, of all whose price is known. */
  readonly cost: number;
  /** Its share of that for one card. */
  readonly costOfOne: number;
  /** What the cost leaves out, by name. */
  readonly unpriced: readonly string[];
}

/**
 * All that a card takes, for one and for the batch: sheets as the cut plan has them, stamps, dies, adhesives as
 * the pieces need them, and what the designer notes beside.
 */
export function supplyList(input: SupplyInput): SupplyList {
  const rows = mergeUses([
    ...toolRows(input),
    ...dieRows(input),
    ...paperRows(input),
    ...colourRows(input),
    ...adhesiveRows(input),
    ...dotRows(input),
    ...ribbonRows(input),
    ...notedRows(input),
    ...envelopeRows(input),
    ...postageRows(input),
  ]);
  return listOf(
    supplyGroups.flatMap((group) => rows.filter((row) => row.group === group)),
    input.plan.making.copies,
  );
}

/** A list of rows with what they cost. */
export function listOf(rows: readonly SupplyRow[], copies: number): SupplyList {
  const bought = rows.filter(isBought);
  const cost = bought.reduce((sum, row) => sum + (rowCost(row) ?? 0), 0);
  return {
    copies,
    rows,
    cost,
    costOfOne: Math.round(cost / Math.max(1, copies)),
    unpriced: [
      ...new Set(bought.filter(({ price }) => price === undefined).map(({ name }) => name)),
    ],
  };
}

/** Whether a batch buys any of a row; tools and dies are used, not used up. */
export function isBought({ unit, batch }: SupplyRow): boolean {
  return unit !== 'use' && (batch ?? 0) > 0;
}

/** What a row costs for the batch, in hundredths; undefined where no price is known. */
export function rowCost({ price, batch = 0 }: SupplyRow): number | undefined {
  return price === undefined ? undefined : Math.round(price * batch);
}

/** What of a list the stash lacks, each thing by as much as is lacking. */
export function lackingList({ rows, copies }: SupplyList): SupplyList {
  const lacking = rows
    .filter((row) => row.lacking > 0)
    .map((row) => (row.unit === 'use' ? row : { ...row, batch: row.lacking }));
  return listOf(lacking, copies);
}
