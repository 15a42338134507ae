import { z } from 'zod';
import { lengthFromTicks, longestLength } from './length';

const ticksSchema = z
  .number()
  .int()
  .min(0)
  .max(longestLength)
  .transform((ticks) => lengthFromTicks(ticks))
  .meta({ description: 'Whole ticks of 62.5 nm: 406400 to the inch, 16000 to the millimetre.' });

const signedTicksSchema = z
  .number()
  .int()
  .min(-longestLength)
  .max(longestLength)
  .transform((ticks) => lengthFromTicks(ticks))
  .meta({ description: 'Whole ticks of 62.5 nm; negative beyond the edge it is measured from.' });

/** `{ "ticks": n }`, zero or more, with `"typed"` where a person typed it. */
export const typedLengthSchema = z
  .strictObject({ ticks: ticksSchema, typed: z.string().max(80).optional() })
  .meta({ id: 'Length' });

/** A distance that may be negative: what hangs over an edge lies so far beyond it. */
export const typedOffsetSchema = z
  .strictObject({ ticks: signedTicksSchema, typed: z.string().max(80).optional() })
  .meta({ id: 'Offset' });

export const typedSizeSchema = z
  .strictObject({ width: typedLengthSchema, height: typedLengthSchema })
  .meta({ id: 'Size', description: 'Width first, as the face is read.' });
