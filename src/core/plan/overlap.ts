import { z } from 'zod';
import { pieceIdSchema, type Immutable } from './ids';

/**
 * What a designer decided of two prints that meet, beyond what follows from their places: that they may cross, or which of
 * them is stamped first. All else about them is worked out.
 */
export const overlapSchema = z
  .strictObject({
    /** The two, the lower id first. */
    between: z
      .tuple([pieceIdSchema, pieceIdSchema])
      .refine(([a, b]) => a < b, { message: 'two pieces, the lower id first' }),
    /** The one that is stamped first and covered; null where they may cross. */
    first: pieceIdSchema.nullable(),
  })
  .refine(({ between, first }) => first === null || between.includes(first), {
    message: 'the first is one of the two',
  })
  .meta({ id: 'Overlap' });

export type Overlap = Immutable<z.output<typeof overlapSchema>>;
