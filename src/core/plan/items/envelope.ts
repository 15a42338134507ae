import { z } from 'zod';
import { typedLengthSchema } from '../../length/lengthSchema';
import { boughtShape, colourSchema } from './itemShape';

const side = typedLengthSchema.refine(({ ticks }) => ticks > 0, {
  message: 'an envelope needs a width and a height',
});

/** An envelope, by its closed size; which side is longer does not matter. */
export const envelopeItemSchema = z
  .strictObject({
    kind: z.literal('envelope'),
    ...boughtShape,
    width: side,
    height: side,
    colour: colourSchema,
    gramsPerSquareMetre: z.number().int().min(30).max(1000),
    /** Of its paper. */
    caliper: typedLengthSchema,
  })
  .meta({ id: 'EnvelopeItem' });
