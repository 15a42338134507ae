import { z } from 'zod';
import { typedLengthSchema } from '../length/lengthSchema';
import { sheetIds, type SheetId } from '../paper/sheets';
import { libraryIdSchema, type Immutable } from './ids';

const versionSchema = z.number().int().min(1).max(100_000);

/** Points at one version of a library item; a version never changes once it is written. */
export const libraryRefSchema = z
  .strictObject({ id: libraryIdSchema, version: versionSchema })
  .meta({ id: 'LibraryRef' });

const itemShape = {
  id: libraryIdSchema,
  version: versionSchema,
  name: z.string().trim().min(1).max(60),
};

/** Paper or card by the sheet. */
export const stockSchema = z
  .strictObject({
    kind: z.literal('stock'),
    ...itemShape,
    paper: z.enum(['cardstock', 'patterned']),
    colour: z.string().regex(/^#[0-9a-f]{6}$/, 'a colour such as #5c2e4b'),
    gramsPerSquareMetre: z.number().int().min(30).max(1000),
    caliper: typedLengthSchema,
    /** The sheets and pads it is owned in; items written before sheets were kept had these three. */
    sheets: z
      .array(z.enum(sheetIds))
      .min(1)
      .max(sheetIds.length)
      .default((): SheetId[] => ['letter', 'a4', '12x12']),
  })
  .meta({ id: 'Stock' });

/** Nested dies: one shape in steps of size, each by its box. */
export const dieSetSchema = z
  .strictObject({
    kind: z.literal('die-set'),
    ...itemShape,
    /** The largest first. */
    steps: z
      .array(z.strictObject({ width: typedLengthSchema, height: typedLengthSchema }))
      .min(1)
      .max(60)
      .refine((steps) => steps.every(({ width, height }) => width.ticks > 0 && height.ticks > 0), {
        message: 'every die needs a width and a height',
      }),
  })
  .meta({ id: 'DieSet' });

/** What the team owns and a plan refers to. */
export const libraryItemSchema = z.discriminatedUnion('kind', [stockSchema, dieSetSchema]);

export type LibraryRef = Immutable<z.output<typeof libraryRefSchema>>;
export type Stock = Immutable<z.output<typeof stockSchema>>;
export type DieSet = Immutable<z.output<typeof dieSetSchema>>;
export type LibraryItem = Immutable<z.output<typeof libraryItemSchema>>;

/** The library as resolve needs it. */
export type Library = readonly LibraryItem[];

/** The item a plan refers to; undefined when the library does not hold that version. */
export function findItem(library: Library, ref: LibraryRef): LibraryItem | undefined {
  return library.find((item) => item.id === ref.id && item.version === ref.version);
}

/** The stock a plan refers to; undefined when there is none, or the reference is to something else. */
export function findStock(library: Library, ref: LibraryRef): Stock | undefined {
  const item = findItem(library, ref);
  return item?.kind === 'stock' ? item : undefined;
}

/** The die set a plan refers to; undefined when there is none, or the reference is to something else. */
export function findDieSet(library: Library, ref: LibraryRef): DieSet | undefined {
  const item = findItem(library, ref);
  return item?.kind === 'die-set' ? item : undefined;
}

export function stocksOf(library: Library): readonly Stock[] {
  return library.filter((item) => item.kind === 'stock');
}

export function dieSetsOf(library: Library): readonly DieSet[] {
  return library.filter((item) => item.kind === 'die-set');
}

/** One library over another: items of `over` go before those of the same id and version. */
export function overlayLibrary(over: Library, under: Library): Library {
  return [...over, ...under.filter((item) => !findItem(over, item))];
}
