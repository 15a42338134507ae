import { z } from 'zod';
import type { Immutable } from '../ids';
import { colourSchema, libraryRefSchema } from '../items/itemShape';

/** What a colour comes out of: an ink, powder, marker, pencil, paint or pen of the stash, or a bare colour wished for. */
export const colourSourceSchema = z
  .union([z.strictObject({ item: libraryRefSchema }), z.strictObject({ wish: colourSchema })])
  .meta({ id: 'ColourSource' });

/** What something is printed with; a second print off the pad, made without inking again, is lighter. */
export const printSchema = z
  .strictObject({
    ink: colourSourceSchema,
    offPad: z.enum(['first', 'second']),
    /** Poured over the wet ink and melted. */
    powder: libraryRefSchema.nullable(),
  })
  .meta({ id: 'Print' });

export type ColourSource = Immutable<z.output<typeof colourSourceSchema>>;
export type Print = Immutable<z.output<typeof printSchema>>;
