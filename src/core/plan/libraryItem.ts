import { z } from 'zod';
import { typedLengthSchema } from '../length/lengthSchema';
import { libraryIdSchema, type Immutable } from './ids';

const versionSchema = z.number().int().min(1).max(100_000);

/** Points at one version of a library item; a version never changes once it is written. */
export const libraryRefSchema = z
  .strictObject({ id: libraryIdSchema, version: versionSchema })
  .meta({ id: 'LibraryRef' });

/** Paper or card by the sheet. */
export const stockSchema = z
  .strictObject({
    kind: z.literal('stock'),
    id: libraryIdSchema,
    version: versionSchema,
    name: z.string().trim().min(1).max(60),
    paper: z.enum(['cardstock', 'patterned']),
    colour: z.string().regex(/^#[0-9a-f]{6}$/, 'a colour such as #5c2e4b'),
    gramsPerSquareMetre: z.number().int().min(30).max(1000),
    caliper: typedLengthSchema,
  })
  .meta({ id: 'Stock' });

/** What the team owns and a plan refers to; stocks alone so far. */
export const libraryItemSchema = z.discriminatedUnion('kind', [stockSchema]);

export type LibraryRef = Immutable<z.output<typeof libraryRefSchema>>;
export type Stock = Immutable<z.output<typeof stockSchema>>;
export type LibraryItem = Immutable<z.output<typeof libraryItemSchema>>;

/** The library as resolve needs it. */
export type Library = readonly LibraryItem[];

/** The stock a plan refers to; undefined when the library does not hold that version. */
export function findStock(library: Library, ref: LibraryRef): Stock | undefined {
  return library.find((item) => item.id === ref.id && item.version === ref.version);
}

/** One library over another: items of `over` go before those of the same id and version. */
export function overlayLibrary(over: Library, under: Library): Library {
  return [...over, ...under.filter((item) => !findStock(over, item))];
}
