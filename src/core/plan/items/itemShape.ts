import { z } from 'zod';
import { libraryIdSchema } from '../ids';

const versionSchema = z.number().int().min(1).max(100_000);

/** Points at one version of a library item; a version never changes once it is written. */
export const libraryRefSchema = z
  .strictObject({ id: libraryIdSchema, version: versionSchema })
  .meta({ id: 'LibraryRef' });

/** When the maker sells it; null where that is not known. Items written before it was kept have none. */
const saleSchema = z
  .strictObject({ from: z.iso.date().nullable(), until: z.iso.date().nullable() })
  .default({ from: null, until: null });

/** What every item has. */
export const itemShape = {
  id: libraryIdSchema,
  version: versionSchema,
  name: z.string().trim().min(1).max(60),
};

/** What every item that is bought again has beside. */
export const boughtShape = { ...itemShape, sale: saleSchema };

/** What comes in a colour has beside. */
export const colouredShape = {
  /** How much it hides, from 0 to 1, where that is not what its sort usually does. */
  opacity: z.number().min(0).max(1).nullable().default(null),
  /** The set it is sold in; nothing where it is sold singly. */
  set: z.string().trim().max(60).default(''),
};

export const colourSchema = z.string().regex(/^#[0-9a-f]{6}$/, 'a colour such as #5c2e4b');
