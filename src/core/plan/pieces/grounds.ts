import { z } from 'zod';
import { typedLengthSchema, typedSizeSchema } from '../../length/lengthSchema';
import { colourSourceSchema } from './colourSource';
import { commonShape } from './common';
import { applicators, groundTimes, strengths } from './looks';
import { directionSchema, stopsSchema } from './stops';

/** What every ground has: it is laid before what is printed, or after it and over it. */
const groundShape = { ...commonShape, laid: z.enum(groundTimes) };
/** Of one that lies over a zone of its paper, or over all of it. */
const zonedShape = { ...groundShape, zone: typedSizeSchema.nullable() };

const positiveLength = typedLengthSchema.refine(({ ticks }) => ticks > 0, {
  message: 'it needs a width',
});

/** Inks blended into one another. */
export const blendSchema = z
  .strictObject({
    kind: z.literal('blend'),
    ...zonedShape,
    stops: stopsSchema,
    direction: directionSchema,
    /** What is left free of colour all round; null for none. */
    margin: typedLengthSchema.nullable(),
    /** What keeps the margin: tape, or the die the piece was cut with and is left in. */
    marginBy: z.enum(['tape', 'die']),
  })
  .meta({ id: 'Blend' });

/** Darkened along the edges of its paper, or lightened. */
export const edgesSchema = z
  .strictObject({
    kind: z.literal('edges'),
    ...groundShape,
    ink: colourSourceSchema,
    width: positiveLength,
    tool: z.enum(applicators),
    strength: z.enum(strengths),
  })
  .meta({ id: 'Edges' });

const seed = z.number().int().min(0).max(1_000_000);

/** A mist, so dense that it covers a share of its paper. */
export const spraySchema = z
  .strictObject({
    kind: z.literal('spray'),
    ...zonedShape,
    ink: colourSourceSchema,
    density: z.number().min(0.005).max(0.5),
    /** Chooses where the droplets fall. */
    seed,
  })
  .meta({ id: 'Spray' });

/** Drops of paint thinned until it drips. */
export const splatterSchema = z
  .strictObject({
    kind: z.literal('splatter'),
    ...zonedShape,
    ink: colourSourceSchema,
    count: z.number().int().min(1).max(400),
    /** Across, of the largest. */
    largest: positiveLength,
    seed,
  })
  .meta({ id: 'Splatter' });
