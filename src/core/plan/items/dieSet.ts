import { z } from 'zod';
import { typedLengthSchema } from '../../length/lengthSchema';
import { libraryIdSchema } from '../ids';
import { boughtShape } from './itemShape';
import { shapeSchema } from './shape';
import { dieKinds } from './kinds';

/** Dies: one shape, alone or nested in steps of size, each by its box. */
export const dieSetSchema = z
  .strictObject({
    kind: z.literal('die-set'),
    ...boughtShape,
    /** The largest first. */
    steps: z
      .array(z.strictObject({ width: typedLengthSchema, height: typedLengthSchema }))
      .min(1)
      .max(60)
      .refine((steps) => steps.every(({ width, height }) => width.ticks > 0 && height.ticks > 0), {
        message: 'every die needs a width and a height',
      }),
    cuts: z.enum(dieKinds).default('shape'),
    /** How far inside the cut a stitched line is embossed; null for none. */
    stitch: typedLengthSchema.nullable().default(null),
    /** What they cut, stretched to the box of each; null for rectangles. */
    shape: shapeSchema.nullable().default(null),
    /** Items made to go with it, such as the stamp it cuts round. */
    goesWith: z.array(libraryIdSchema).max(20).default([]),
  })
  .meta({ id: 'DieSet' });
