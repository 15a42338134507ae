import { z } from 'zod';
import { colourSourceSchema } from '../pieces/colourSource';
import { applicators, strengths } from '../pieces/looks';
import { boughtShape } from './itemShape';
import { beginnings, mostMedia } from './kinds';

/** One medium as it is used: what puts it on, how strongly, and how often it is gone over. */
export const mediumUseSchema = z
  .strictObject({
    from: colourSourceSchema,
    tool: z.enum(applicators),
    strength: z.enum(strengths),
    passes: z.number().int().min(1).max(9),
  })
  .meta({ id: 'MediumUse' });

export const mediumUsesSchema = z.array(mediumUseSchema).min(1).max(mostMedia);

/** Colours used together in an order, kept to be used again. */
export const combinationItemSchema = z
  .strictObject({
    kind: z.literal('combination'),
    ...boughtShape,
    media: mediumUsesSchema,
    begins: z.enum(beginnings),
    undercoat: colourSourceSchema.nullable(),
    note: z.string().max(400),
  })
  .meta({ id: 'CombinationItem' });
