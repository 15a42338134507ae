import { z } from 'zod';
import { lengthFromTicks, longestLength, type Length } from './length';

/** A length in JSON, with the text a person typed for it where one did. */
export interface TypedLength {
  readonly ticks: Length;
  readonly typed?: string | undefined;
}

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

/** A computed length as document data. */
export function asTyped(length: Length, typed?: string): TypedLength {
  return typed === undefined ? { ticks: length } : { ticks: length, typed };
}
