import { z } from 'zod';
import { libraryIdSchema, type Immutable } from '../plan/ids';
import { libraryItemSchema } from '../plan/libraryItem';
import { holdingSchema } from './holding';

/**
 * A change of the stash: a new version of what an item is, which takes the next number, or how much there
 * is of it, or both. For an item there is none of yet, both make it.
 */
export const stashChangeSchema = z
  .strictObject({
    itemId: libraryIdSchema,
    /** Its version is of no account; the next free one is written. */
    item: libraryItemSchema.optional(),
    holding: holdingSchema.optional(),
  })
  .refine(
    ({ itemId, item, holding }) =>
      (item?.id ?? itemId) === itemId && (holding?.itemId ?? itemId) === itemId,
    { message: 'item and holding must be of the same id' },
  )
  .meta({ id: 'StashChange' });

export const mostStashChanges = 2000;

export type StashChange = Immutable<z.output<typeof stashChangeSchema>>;
