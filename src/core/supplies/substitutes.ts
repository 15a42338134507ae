import { countWords } from '../words/countWords';
import { colourDifference } from '../colour/colourDifference';
import { labOf } from '../colour/lab';
import { adhesive } from '../paper/adhesives';
import type { LibraryItem, Stock } from '../plan/libraryItem';
import { newestOf, type Library } from '../plan/library';
import type { SheetId } from '../paper/sheets';
import type { Holding } from '../stash/holding';
import { isHolding } from '../stash/isHolding';
import { holdingOf } from '../stash/holdings';

/** What is different where one thing is taken for another. */
export type SubstituteChange =
  | { readonly kind: 'colour'; readonly difference: number }
  | { readonly kind: 'weight'; readonly from: number; readonly to: number }
  | { readonly kind: 'sheets'; readonly missing: readonly SheetId[] }
  | { readonly kind: 'paper'; readonly from: string; readonly to: string }
  | { readonly kind: 'one-way' }
  | { readonly kind: 'make'; readonly from: string; readonly to: string };

export interface Substitute {
  readonly item: LibraryItem;
  /** CIEDE2000; 0 where the thing has no colour. */
  readonly difference: number;
  readonly changes: readonly SubstituteChange[];
}

/** A colour further off than this is another colour; from memory. */
const mostDifference = 20;

/**
 * What the stash has that could do instead, the nearest first: of the same kind; paper of the same sort
 * before another, and in sheets of the same sizes; then by the difference in colour.
 * @returns at most `most`; none that is gone or used up.
 */
export function substitutes(
  wanted: LibraryItem,
  library: Library,
  holdings: readonly Holding[],
  most = 3,
): readonly Substitute[] {
  return newestOf(library)
    .filter((item) => isAlike(item, wanted) && item.id !== wanted.id && isThere(item, holdings))
    .flatMap((item): (Substitute & { readonly burden: number })[] => {
      const difference = differenceOf(wanted, item);
      if (difference > mostDifference) return [];
      const changes = changesOf(wanted, item, difference);
      const burden = changes.filter(({ kind }) => kind !== 'colour' && kind !== 'weight').length;
      return [{ item, difference, changes, burden }];
    })
    .toSorted(
      (a, b) =>
        a.burden - b.burden ||
        a.difference - b.difference ||
        (a.item.id < b.item.id ? -1 : a.item.id > b.item.id ? 1 : 0),
    )
    .slice(0, most)
    .map(({ item, difference, changes }) => ({ item, difference, changes }));
}

/** Of one kind; what lifts does not stand for what lies flat. */
function isAlike(item: LibraryItem, wanted: LibraryItem): boolean {
  if (item.kind === 'adhesive' && wanted.kind === 'adhesive')
    return adhesive(item.glue).foam === adhesive(wanted.glue).foam;
  return item.kind === wanted.kind;
}

function isThere(item: LibraryItem, holdings: readonly Holding[]): boolean {
  if (item.kind !== 'stock') return isHolding(holdings, item.id);
  const { isGone, sheets, leftovers } = holdingOf(holdings, item.id);
  if (isGone) return false;
  return sheets.length === 0 || leftovers.length > 0 || sheets.some((each) => each.count !== 0);
}

function differenceOf(a: LibraryItem, b: LibraryItem): number {
  return 'colour' in a && 'colour' in b ? colourDifference(labOf(a.colour), labOf(b.colour)) : 0;
}

function changesOf(a: LibraryItem, b: LibraryItem, difference: number): SubstituteChange[] {
  const colour: SubstituteChange[] = difference > 0 ? [{ kind: 'colour', difference }] : [];
  if (a.kind === 'stock' && b.kind === 'stock') return [...stockChanges(a, b), ...colour];
  const [from, to] = [makeOf(a), makeOf(b)];
  return [...(from === to ? [] : [{ kind: 'make' as const, from, to }]), ...colour];
}

function stockChanges(a: Stock, b: Stock): SubstituteChange[] {
  const missing = a.sheets.filter((sheet) => !b.sheets.includes(sheet));
  const [from, to] = [a.gramsPerSquareMetre, b.gramsPerSquareMetre];
  return [
    ...(a.paper === b.paper ? [] : [{ kind: 'paper' as const, from: a.paper, to: b.paper }]),
    ...(missing.length > 0 ? [{ kind: 'sheets' as const, missing }] : []),
    ...(a.direction === 'none' && b.direction === 'one-way' ? [{ kind: 'one-way' as const }] : []),
    ...(from === to ? [] : [{ kind: 'weight' as const, from, to }]),
  ];
}

/** What tells two things of one kind apart beside their colour. */
function makeOf(item: LibraryItem): string {
  switch (item.kind) {
    case 'ink':
      return item.ink;
    case 'powder':
      return item.powder;
    case 'medium':
      return item.medium;
    case 'adhesive':
      return item.glue;
    case 'embellishment':
      return item.embellishment;
    case 'tool':
      return item.tool;
    case 'combination':
    case 'envelope':
      return '';
    case 'die-set':
      return countWords(item.steps.length, 'die');
    case 'stencil':
      return item.repeat.kind;
    case 'stamp':
      return item.stamp;
    case 'stock':
      return item.paper;
  }
}
