import { z } from 'zod';
import { typedSizeSchema } from '../../length/lengthSchema';
import { libraryRefSchema } from '../items/itemShape';
import { mostOpeningInks } from '../planFacts';
import { commonShape } from './common';
import { groundTimes } from './looks';
import { directionSchema, stopsSchema } from './stops';

const openingsSchema = z
  .strictObject({
    layer: z.number().int().min(0).max(5),
    at: z.array(z.number().int().min(0).max(999)).min(1).max(200),
    inks: stopsSchema,
  })
  .meta({ id: 'StencilOpenings' });

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
    /** The inks of each layer; null leaves a layer out. */
    layers: z.array(stopsSchema.nullable()).max(6),
    /** Openings that take other inks than the rest of their layer, by where they come in its drawing, from 0. */
    openings: z.array(openingsSchema).max(mostOpeningInks),
    /** Which way the inks of a layer follow one another. */
    direction: directionSchema,
    laid: z.enum(groundTimes),
  })
  .meta({ id: 'Stencilling' });
