import Papa from 'papaparse';
import { cleanText } from '../text/cleanText';
import type { Unit } from '../length/length';
import { sheetIds, type SheetId } from '../paper/sheets';
import type { ItemKind, LibraryItem } from '../plan/libraryItem';
import { newestOf, type Library } from '../plan/library';
import { sameJson } from '../plan/sameJson';
import type { Holding } from './holding';
import { emptyHolding, holdingOf } from './holdings';
import { buildItem } from './buildItem';
import { addableKinds, kindNames } from './itemFields';
import { fieldKeys, stashColumns } from './stashCsv';
import { mostStashChanges, type StashChange } from './stashChange';
import { readLeftovers } from './readLeftovers';
import { newItemId } from './newItemId';

/** A row as it was understood: what it changes, or why it cannot be taken in. */
export type StashRow =
  | {
      readonly kind: 'new' | 'changed';
      readonly line: number;
      readonly name: string;
      readonly change: StashChange;
    }
  | { readonly kind: 'same'; readonly line: number; readonly name: string }
  | {
      readonly kind: 'bad';
      readonly line: number;
      readonly name: string;
      readonly issues: readonly string[];
    };

export interface StashFile {
  readonly rows: readonly StashRow[];
  /** What is wrong with the file as a whole; nothing of it is taken in then. */
  readonly failure: string | undefined;
  /** Columns that are not known and were left alone. */
  readonly ignored: readonly string[];
}

/**
 * Reads a stash from CSV, row by row: an item is known by its id, else by kind and name; a column that is
 * not in the file leaves what it stands for as it is, an empty cell where a thing may be unknown makes it
 * unknown. Good rows come with the change they make, bad ones with every reason.
 */
export function readStashCsv(
  text: string,
  library: Library,
  holdings: readonly Holding[],
  leading: Unit,
): StashFile {
  const clean = cleanText(text.replace(/^\uFEFF/, ''));
  const parsed = Papa.parse<Record<string, string>>(clean, {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: columnOf,
  });
  const columns = parsed.meta.fields ?? [];
  const [asTheyStand = []] = Papa.parse<string[]>(clean, { preview: 1 }).data;
  const failure = wholeFailure(columns, parsed.data.length);
  if (failure !== undefined) return { rows: [], failure, ignored: [] };
  const items = newestOf(library);
  const seen = new Set<string>();
  return {
    rows: parsed.data.map((cells, at) =>
      readRow(cells, at + 2, { items, holdings, leading, seen }),
    ),
    failure: undefined,
    ignored: asTheyStand
      .map((header) => header.trim())
      .filter((header) => header !== '' && !stashColumns.includes(columnOf(header))),
  };
}

/** The column of a header, however it is written; one that is not known as it stands. */
function columnOf(header: string): string {
  const wanted = header.trim().toLowerCase();
  return stashColumns.find((column) => column.toLowerCase() === wanted) ?? wanted;
}

function wholeFailure(columns: readonly string[], count: number): string | undefined {
  if (!columns.includes('name') || !columns.includes('kind'))
    return 'The first line has to name the columns, kind and name among them. Export the stash to see how they are called.';
  if (count === 0) return 'The file has no rows under its column names.';
  if (count > mostStashChanges)
    return `The file has ${count} rows; at most ${mostStashChanges} are taken in at once. Split it.`;
  return undefined;
}

interface Known {
  readonly items: readonly LibraryItem[];
  readonly holdings: readonly Holding[];
  readonly leading: Unit;
  /** Ids of rows before; the same item twice in a file would change it twice. */
  readonly seen: Set<string>;
}

function readRow(cells: Readonly<Record<string, string>>, line: number, known: Known): StashRow {
  const name = (cells['name'] ?? '').trim();
  const kind = readKind(cells['kind'] ?? '');
  const kinds = addableKinds.map((each) => kindNames[each]).join(', ');
  if (!kind) return { kind: 'bad', line, name, issues: [`Kind is one of: ${kinds}.`] };
  const before = known.items.find((item) =>
    cells['id']
      ? item.id === cells['id'].trim() && item.kind === kind
      : item.kind === kind && item.name.toLowerCase() === name.toLowerCase(),
  );
  const id = before?.id ?? newItemId(kind, name, cells['id']);
  const texts = new Map(
    fieldKeys.flatMap((key) => {
      const cell = cells[key];
      // An empty cell of a new item is one that is not there.
      return cell === undefined || (!before && cell.trim() === '') ? [] : [[key, unescape(cell)]];
    }),
  );
  const built = buildItem(kind, before ?? { id, version: 1 }, texts, known.leading);
  const held = readHolding(
    cells,
    before ? holdingOf(known.holdings, id) : emptyHolding(id),
    known.leading,
  );
  const issues = [...(built.ok ? [] : built.issues), ...held.issues];
  if (known.seen.has(id)) issues.push('The same item stands in a line before.');
  if (!built.ok || issues.length > 0) return { kind: 'bad', line, name, issues };
  known.seen.add(id);
  const isItemNew = !before || !sameJson(built.item, before);
  const isHeldNew = !before || !sameJson(held.holding, holdingOf(known.holdings, id));
  if (!isItemNew && !isHeldNew) return { kind: 'same', line, name };
  const change: StashChange = {
    itemId: id,
    ...(isItemNew && { item: built.item }),
    ...(isHeldNew && { holding: held.holding }),
  };
  return { kind: before ? 'changed' : 'new', line, name, change };
}

/** A cell that a spreadsheet would have run was made text when it was written. */
function unescape(cell: string): string {
  return /^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell;
}

function readKind(text: string): ItemKind | undefined {
  const wanted = text.trim().toLowerCase();
  return addableKinds.find((kind) => kind === wanted || kindNames[kind] === wanted);
}

function readHolding(
  cells: Readonly<Record<string, string>>,
  before: Holding,
  leading: Unit,
): { readonly holding: Holding; readonly issues: readonly string[] } {
  const issues: string[] = [];
  const read = <Value>(
    column: string,
    old: Value,
    from: (text: string) => Value | undefined,
    issue: string,
  ) => {
    const cell = cells[column];
    if (cell === undefined) return old;
    const value = from(cell.trim());
    if (value === undefined) issues.push(`${column}: ${issue}`);
    return value ?? old;
  };
  const count = (column: string, old: number | null) =>
    read(column, { value: old }, readCount, 'a number from 0, or nothing').value;
  const price = (column: string, old: number | null) =>
    read(column, { value: old }, readPrice, 'a price such as 0.45, or nothing').value;
  const sheets = sheetIds.flatMap((sheet: SheetId) => {
    const old = before.sheets.find((each) => each.sheet === sheet);
    const next = {
      sheet,
      count: count(`${sheet} count`, old?.count ?? null),
      price: price(`${sheet} price`, old?.price ?? null),
    };
    return old || next.count !== null || next.price !== null ? [next] : [];
  });
  const holding: Holding = {
    ...before,
    sheets,
    count: count('count', before.count),
    price: price('price', before.price),
    leftovers: read(
      'leftovers',
      before.leftovers,
      (text) => readLeftovers(text, leading, before.leftovers),
      'sizes with their number, such as 3 of 4 x 8 1/2 in; 1 of 2 x 11 in',
    ),
    isGone: false,
  };
  return { holding, issues };
}

function readCount(text: string): { value: number | null } | undefined {
  if (text === '') return { value: null };
  const value = /^\d{1,7}([.,]\d+)?$/.test(text) ? Number(text.replace(',', '.')) : Infinity;
  return value <= 1_000_000 ? { value } : undefined;
}

/** Whole units and hundredths, as hundredths. */
function readPrice(text: string): { value: number | null } | undefined {
  if (text === '') return { value: null };
  const parts = /^(\d{1,5})(?:[.,](\d{1,2}))?$/.exec(text);
  return parts
    ? { value: Number(parts[1]) * 100 + Number((parts[2] ?? '').padEnd(2, '0')) }
    : undefined;
}
