import type { CutPlan } from '../cutting/cutPlan';
import { adhesive } from '../paper/adhesives';
import type { SheetId } from '../paper/sheets';
import type { ItemKind, LibraryItem } from '../plan/libraryItem';
import { findItem, type Library } from '../plan/library';
import type { Plan } from '../plan/plan';
import type { MailClassId } from '../plan/planFacts';
import type { Use } from '../plan/use';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { Holding } from '../stash/holding';
import { holdingOf } from '../stash/holdings';

/** The groups of a supply list, in the order a tutorial tells them; common practice. */
export const supplyGroups = [
  'stamps',
  'dies',
  'stencils',
  'paper',
  'ink',
  'powder',
  'colour',
  'tools',
  'adhesives',
  'embellishments',
  'envelopes',
  'postage',
] as const;
export type SupplyGroup = (typeof supplyGroups)[number];

const groupOf: Readonly<Record<ItemKind, SupplyGroup>> = {
  'die-set': 'dies',
  stamp: 'stamps',
  stencil: 'stencils',
  stock: 'paper',
  ink: 'ink',
  powder: 'powder',
  medium: 'colour',
  tool: 'tools',
  adhesive: 'adhesives',
  embellishment: 'embellishments',
  combination: 'colour',
  envelope: 'envelopes',
};

/** What amounts are counted in; `use` where a thing is used and not used up. */
export type SupplyUnit = 'sheet' | 'piece' | 'm' | 'ml' | 'use';

/** One line of a supply list. */
export interface SupplyRow {
  /** The same for the same thing in every list. */
  readonly key: string;
  readonly group: SupplyGroup;
  /** The version the card refers to; undefined for an adhesive the stash has none of. */
  readonly item: LibraryItem | undefined;
  readonly name: string;
  /** Of paper: the sheet it is bought as; undefined where leftovers do. */
  readonly sheet: SheetId | undefined;
  readonly unit: SupplyUnit;
  /** For one card, and for all; undefined while the cuts are not planned, and where nothing is used up. */
  readonly one: number | undefined;
  readonly batch: number | undefined;
  /** In the stash; undefined where nobody counts it. */
  readonly owned: number | undefined;
  /** What the stash lacks for the batch. */
  readonly lacking: number;
  /** Of one, in hundredths; undefined where it is not known. */
  readonly price: number | undefined;
  /** The letters of what it is for. */
  readonly letters: readonly string[];
  readonly notes: readonly string[];
}

/** What a supply list is made from. */
export interface SupplyInput {
  readonly plan: Plan;
  readonly card: ResolvedCard;
  readonly library: Library;
  readonly holdings: readonly Holding[];
  /** How the batch is cut, and how a single card is; undefined while that is not planned. */
  readonly cuts: CutPlan | undefined;
  readonly cutsForOne: CutPlan | undefined;
  /** What the card is sent in; undefined while that is not known, and where nothing holds it. */
  readonly envelope: EnvelopeNeed | undefined;
  /** The class of mail it goes by; undefined while that is not known, and where nobody told whose mail. */
  readonly postage?: PostageNeed | undefined;
}

/** An envelope, of the stash or as it is sold. */
export interface EnvelopeNeed {
  readonly name: string;
  readonly item: LibraryItem | undefined;
  /** It is made from a sheet that is there, and not bought. */
  readonly isMade: boolean;
}

/** What it costs to send a card. */
export interface PostageNeed {
  readonly class: MailClassId;
  readonly name: string;
  /** Hundredths; undefined where the team has told none. */
  readonly price: number | undefined;
}

/** The last day on which what a row tells is sold; undefined where none is known. */
export function soldUntil({ item }: Pick<SupplyRow, 'item'>): string | undefined {
  return item?.sale.until ?? undefined;
}

/** What is missing of a batch; amounts nobody counts are there. */
export function lackingOf(batch: number | undefined, owned: number | undefined): number {
  return owned === undefined ? 0 : Math.max(0, (batch ?? 0) - owned);
}

/** A thing that is used and not used up: it is in the stash or it is not. */
export function usedRow(
  item: LibraryItem,
  holdings: readonly Holding[],
  notes: readonly string[],
): SupplyRow {
  const { count, isGone, price } = holdingOf(holdings, item.id);
  const isLacking = isGone || count === 0;
  return {
    key: item.id,
    group: groupOf[item.kind],
    item,
    name: item.name,
    sheet: undefined,
    unit: 'use',
    one: undefined,
    batch: undefined,
    owned: isLacking ? 0 : (count ?? undefined),
    lacking: isLacking ? 1 : 0,
    price: price ?? undefined,
    letters: [],
    notes,
  };
}

/** What no item of the stash is named for; nobody counts or prices it. */
export function unownedRow(
  key: string,
  name: string,
  group: SupplyGroup,
  unit: SupplyUnit,
): SupplyRow {
  return {
    key,
    group,
    item: undefined,
    name,
    sheet: undefined,
    unit,
    one: undefined,
    batch: undefined,
    owned: undefined,
    lacking: 0,
    price: undefined,
    letters: [],
    notes: [],
  };
}

/** Something noted beside the panels, and what it is. */
export interface KnownUse {
  readonly use: Use;
  readonly item: LibraryItem;
}

/** What a plan notes of things the library has. */
export function usesOf({ plan, library }: SupplyInput): readonly KnownUse[] {
  return plan.uses.flatMap((use) => {
    const item = findItem(library, use.item);
    return item ? [{ use, item }] : [];
  });
}

/** What an item is counted in. */
export function unitOf(item: LibraryItem): SupplyUnit {
  if (item.kind === 'stock') return 'sheet';
  if (item.kind === 'adhesive') return adhesive(item.glue).unit;
  if (item.kind === 'embellishment')
    return item.embellishment === 'ribbon' || item.embellishment === 'twine' ? 'm' : 'piece';
  if (item.kind === 'envelope') return 'piece';
  // A pad, a jar or a pen lasts for many batches, and nobody measures what is left in it.
  return 'use';
}
