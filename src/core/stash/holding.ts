import { z } from 'zod';
import { typedSizeSchema } from '../length/lengthSchema';
import { sheetIds } from '../paper/sheets';
import { libraryIdSchema, type Immutable } from '../plan/ids';

/** How many there are; null where nobody counts them, so they never run out. */
const countSchema = z.number().min(0).max(1_000_000).nullable();

/** What one costs, in hundredths of the house's currency; null where that is not known. */
const priceSchema = z.number().int().min(0).max(10_000_000).nullable();

/** A piece left over of a sheet, by what it measures. */
export const leftoverSchema = z
  .strictObject({
    id: z.string().regex(/^[a-z0-9-]{1,40}$/),
    size: typedSizeSchema.refine(({ width, height }) => width.ticks > 0 && height.ticks > 0, {
      message: 'a leftover needs a width and a height',
    }),
    count: z.number().int().min(1).max(10_000),
  })
  .meta({ id: 'Leftover' });

/** A mask kept with its stamp. */
export const keptMaskSchema = z
  .strictObject({
    /** What it covers: the stamp in its version, and the part of its image it is cut for. */
    covers: z.string().min(1).max(200),
    /** So often it can still be laid on. */
    usesLeft: z.number().int().min(1).max(100_000),
    /** The card it was last laid on for. */
    cardId: z.string().min(1).max(80),
  })
  .meta({ id: 'KeptMask' });

/**
 * How much the team has of an item and what it costs there. What an item is never changes; this does, with
 * every batch cut.
 */
export const holdingSchema = z
  .strictObject({
    itemId: libraryIdSchema,
    /** Of a stock, by the sheet. */
    sheets: z
      .array(z.strictObject({ sheet: z.enum(sheetIds), count: countSchema, price: priceSchema }))
      .max(sheetIds.length),
    leftovers: z.array(leftoverSchema).max(500),
    /** Of everything else, in its unit: pieces, metres or millilitres. */
    count: countSchema,
    price: priceSchema,
    /** Of a stamp: its masks that are kept for the next card. */
    masks: z.array(keptMaskSchema).max(50).optional(),
    /** Taken out of the stash; cards that use it still can. */
    isGone: z.boolean(),
  })
  .meta({ id: 'Holding' });

export type Holding = Immutable<z.output<typeof holdingSchema>>;
export type KeptMask = Immutable<z.output<typeof keptMaskSchema>>;
export type Leftover = Immutable<z.output<typeof leftoverSchema>>;
