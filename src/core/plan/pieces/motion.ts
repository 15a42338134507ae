import { z } from 'zod';
import { typedLengthSchema, typedOffsetSchema } from '../../length/lengthSchema';
import { sides } from '../faces';

/** How a piece moves once the card is made; one that is glued down does not. */
export const motionSchema = z
  .discriminatedUnion('kind', [
    /** Opens about one of its sides. */
    z.strictObject({ kind: z.literal('flap'), hinge: z.enum(sides) }),
    /** Runs along a track, to the right or down where the travel is positive. */
    z.strictObject({
      kind: z.literal('slider'),
      along: z.enum(['x', 'y']),
      travel: typedOffsetSchema.refine(({ ticks }) => ticks !== 0, {
        message: 'a slider needs a way to go',
      }),
    }),
    /** Stands on a spring so wide, under its middle. */
    z.strictObject({
      kind: z.literal('wobbler'),
      spring: typedLengthSchema.refine(({ ticks }) => ticks > 0, {
        message: 'a spring needs a width',
      }),
    }),
  ])
  .meta({ id: 'Motion' });
