import { z } from 'zod';
import { sheetIds } from '../paper/sheets';
import { libraryIdSchema, type Immutable } from '../plan/ids';
import { leftoverSchema } from './holding';

/** What a batch takes out of the holding of one item, and what it leaves over. Reversed, it is given back. */
export const takingSchema = z
  .strictObject({
    itemId: libraryIdSchema,
    sheets: z.array(z.strictObject({ sheet: z.enum(sheetIds), count: z.number().int().min(0) })),
    /** Leftovers cut up. */
    usedUp: z.array(leftoverSchema),
    /** Leftovers that are new. */
    leftOver: z.array(leftoverSchema),
    amount: z.number().min(0),
  })
  .meta({ id: 'Taking' });

export type Taking = Immutable<z.output<typeof takingSchema>>;
