import { z } from 'zod';
import { typedSizeSchema } from '../../length/lengthSchema';
import { colourSchema, libraryRefSchema } from '../items/itemShape';
import { commonShape } from './common';

/** Colour through a stencil: over all of what it lies on, or over a zone of it. */
export const stencillingSchema = z
  .strictObject({
    kind: z.literal('stencil'),
    ...commonShape,
    stencil: libraryRefSchema,
    /** The stencil laid on its side, by a quarter. */
    turned: z.boolean(),
    /** The zone that is coloured, the rest masked off; null for all of what it lies on. */
    zone: typedSizeSchema.nullable(),
    /** The colour of each layer; null leaves a layer out. */
    colours: z.array(colourSchema.nullable()).max(6),
  })
  .meta({ id: 'Stencilling' });
