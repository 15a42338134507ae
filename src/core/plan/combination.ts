import { z } from 'zod';
import { pieceIdSchema, type Immutable } from './ids';
import { mediumUsesSchema } from './items/combination';
import { beginnings } from './items/kinds';
import { libraryRefSchema } from './items/itemShape';
import { colourSourceSchema } from './pieces/colourSource';

/** What parts of images are coloured with; parts that are coloured alike name the same one. */
export const combinationSchema = z
  .strictObject({
    id: pieceIdSchema,
    name: z.string().trim().min(1).max(60),
    /** In the order they are used. */
    media: mediumUsesSchema,
    /** The end they begin at, which those added later follow. */
    begins: z.enum(beginnings),
    /** Opaque, under all of them, so that they show on tinted stock. */
    undercoat: colourSourceSchema.nullable(),
    note: z.string().max(400),
    /** The one of the stash it was taken from, or kept as. */
    kept: libraryRefSchema.nullable(),
  })
  .meta({ id: 'Combination' });

export type Combination = Immutable<z.output<typeof combinationSchema>>;
