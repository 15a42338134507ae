import { z } from 'zod';
import { pieceIdSchema, type Immutable } from './ids';
import { libraryRefSchema } from './items/itemShape';

/** Something a card takes beside its panels: an ink, a gem, a tool. */
export const useSchema = z
  .strictObject({
    id: pieceIdSchema,
    item: libraryRefSchema,
    /** For one card, in the unit of the item; 0 where it is used but not used up. */
    amount: z.number().min(0).max(100_000),
    /** The piece it is for; null for the card as a whole. */
    pieceId: pieceIdSchema.nullable(),
    note: z.string().max(200),
  })
  .meta({ id: 'Use' });

export type Use = Immutable<z.output<typeof useSchema>>;
