import { z } from 'zod';
import { typedLengthSchema } from '../../length/lengthSchema';
import { letteringIds } from '../../lettering/letterings';
import { libraryIdSchema } from '../ids';
import { boughtShape, colourSchema } from './itemShape';
import { openingsSchema, pathSchema, shapeSchema, wholeBox } from './shape';
import { stampKinds } from './kinds';

/** A stamp: what it prints, at its true size. */
export const stampSchema = z
  .strictObject({
    kind: z.literal('stamp'),
    ...boughtShape,
    stamp: z.enum(stampKinds),
    /** The image box: the smallest upright rectangle round the print. */
    width: typedLengthSchema,
    height: typedLengthSchema,
    /** The silhouette of the print, what is inside its lines too. */
    shape: shapeSchema.default(wholeBox),
    /** What is printed or coloured, lowest first; a layering stamp has one for each of its steps. */
    layers: z
      .array(
        z.strictObject({
          name: z.string().trim().min(1).max(40),
          path: pathSchema,
          /** Filled, or drawn along with a line so wide in the units of the box. */
          lineWidth: z.number().min(0).max(1000),
          colour: colourSchema,
          /** Printed by the stamp or coloured by hand, where its sort and its lines do not tell it. */
          done: z.enum(['printed', 'coloured']).optional(),
        }),
      )
      .max(12)
      .default([]),
    /** What is open inside its silhouette, so that what is stamped behind it is seen there: closed lines in the units of the box. */
    openings: openingsSchema.optional(),
    /** The lines of a sentiment, set to fill the image box; null for a picture. */
    words: z
      .strictObject({
        lines: z.array(z.string().trim().min(1).max(60)).min(1).max(6),
        lettering: z.enum(letteringIds),
      })
      .nullable()
      .default(null),
    /** Items made to go with it, such as the die that cuts round it. */
    goesWith: z.array(libraryIdSchema).max(20).default([]),
  })
  .meta({ id: 'Stamp' });
