import { z } from 'zod';
import { typedLengthSchema } from '../../length/lengthSchema';
import { pieceIdSchema } from '../ids';
import { libraryRefSchema } from '../items/itemShape';
import { sidesShape } from './sidesShape';

/** How the size comes about. Resolve makes figures of it; the rule is what is kept. */
export const sizeRuleSchema = z
  .discriminatedUnion('by', [
    /** The same border all round. */
    z.strictObject({ by: z.literal('reveal'), all: typedLengthSchema }),
    /** A border for each side; gives the place as well. */
    z.strictObject({ by: z.literal('sides'), ...sidesShape }),
    /** Smaller overall by so much, both ways. */
    z.strictObject({ by: z.literal('step'), overall: typedLengthSchema }),
    z.strictObject({
      by: z.literal('measure'),
      width: typedLengthSchema,
      height: typedLengthSchema,
    }),
    /** Larger than a piece by a border on each side; a piece lying on this one is placed by it too. */
    z.strictObject({ by: z.literal('outset'), around: pieceIdSchema, ...sidesShape }),
    /** As large as a die of a nested set, counted from the largest, 0; turned by a quarter or not. */
    z.strictObject({
      by: z.literal('die'),
      set: libraryRefSchema,
      step: z.number().int().min(0).max(59),
      turned: z.boolean(),
    }),
    /** Cut with scissors round what a stamp prints, so far outside its line. */
    z.strictObject({ by: z.literal('stamp'), stamp: libraryRefSchema, rim: typedLengthSchema }),
  ])
  .meta({ id: 'SizeRule' });
