import { z } from 'zod';
import { typedLengthSchema } from '../../length/lengthSchema';
import { adhesiveIds } from '../../paper/adhesives';
import { sides } from '../faces';
import { pieceIdSchema } from '../ids';
import { mostPlaces } from '../zones';

/** Where under a piece: by the box it is cut from, as it lies before it is turned. */
const zonePlaceSchema = z.discriminatedUnion('at', [
  /** Squares spread under all of it, a sheet, or a bead along its edge, as the adhesive is laid. */
  z.strictObject({ at: z.literal('all') }),
  /** A strip along its edge, all round. */
  z.strictObject({ at: z.literal('round') }),
  z.strictObject({
    at: z.literal('sides'),
    sides: z.array(z.enum(sides)).min(1, { message: 'needs a side' }).max(sides.length),
  }),
  /** Its inner half, both ways. */
  z.strictObject({ at: z.literal('middle') }),
  /** A square at each of these, from its top left corner to the middle of the square. */
  z.strictObject({
    at: z.literal('places'),
    places: z
      .array(z.strictObject({ x: typedLengthSchema, y: typedLengthSchema }))
      .min(1, { message: 'needs a place' })
      .max(mostPlaces),
  }),
]);

/** Where something else holds a piece than under the rest of it, or nothing does. Of two that meet the later counts. */
export const zoneSchema = z
  .strictObject({
    where: zonePlaceSchema,
    /** Only where it lies over this piece; null for wherever it lies. */
    over: pieceIdSchema.nullable(),
    attach: z.enum([...adhesiveIds, 'none']),
  })
  .meta({ id: 'Zone' });
