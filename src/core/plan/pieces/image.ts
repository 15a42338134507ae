import { z } from 'zod';
import { colourSchema, libraryRefSchema } from '../items/itemShape';
import { commonShape } from './common';
import { sidesShape } from './sidesShape';

/** The print of a stamp, or a part of it; a stamp cannot be mirrored. */
export const imageSchema = z
  .strictObject({
    kind: z.literal('image'),
    ...commonShape,
    stamp: libraryRefSchema,
    /** The colour of each layer of the stamp; null leaves a layer out. A sentiment has one. */
    colours: z.array(colourSchema.nullable()).max(12),
    /** What is masked or taped off each side of the image box. */
    crop: z.strictObject(sidesShape).nullable(),
  })
  .meta({ id: 'Image' });
