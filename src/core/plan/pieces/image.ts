import { z } from 'zod';
import { typedLengthSchema } from '../../length/lengthSchema';
import { sides } from '../faces';
import { pieceIdSchema } from '../ids';
import { libraryRefSchema } from '../items/itemShape';
import { mostImageParts, mostPartAreas } from '../planFacts';
import { colourSourceSchema, printSchema } from './colourSource';
import { commonShape } from './common';
import { finishKinds } from './looks';
import { sidesShape } from './sidesShape';

/** What a part is coloured with: a combination, or nothing on purpose. */
const byHand = [
  z.strictObject({ by: z.literal('combination'), combination: pieceIdSchema }),
  z.strictObject({ by: z.literal('nothing') }),
] as const;

/** A layer is printed, or coloured by hand. */
const layerColourSchema = z
  .discriminatedUnion('by', [
    z.strictObject({ by: z.literal('print'), ...printSchema.shape }),
    ...byHand,
  ])
  .meta({ id: 'LayerColour' });

/** In the units of the box of the stamp's drawing. */
const pointSchema = z.strictObject({ x: z.number(), y: z.number() });

/** A part the designer has picked out of the lines of a stamp. */
const imagePartSchema = z
  .strictObject({
    name: z.string().trim().min(1).max(40),
    /** Each within one of the areas the lines enclose. */
    at: z.array(pointSchema).min(1).max(mostPartAreas),
    /** Lines that end as near to another as this are taken to meet it. */
    gap: typedLengthSchema,
    /** The version of the stamp it was picked on. */
    drawing: libraryRefSchema.shape.version,
    colour: z.discriminatedUnion('by', byHand).nullable(),
  })
  .meta({ id: 'ImagePart' });

/** Something done to an image once it is coloured, or round it. */
const finishSchema = z
  .strictObject({
    kind: z.enum(finishKinds),
    from: colourSourceSchema,
    /** The part it is for, by name; null for all of the image. */
    part: z.string().max(40).nullable(),
    /** The side a shadow falls on. */
    side: z.enum(sides).nullable(),
    /** Of a halo, an outline or a shadow. */
    width: typedLengthSchema.nullable(),
  })
  .meta({ id: 'Finish' });

/** The print of a stamp, or a part of it; a stamp cannot be mirrored. */
export const imageSchema = z
  .strictObject({
    kind: z.literal('image'),
    ...commonShape,
    stamp: libraryRefSchema,
    /** What each layer of the stamp is printed or coloured with; null leaves it out. A sentiment has one layer. */
    layers: z.array(layerColourSchema.nullable()).max(12),
    /** Picked out of its lines, and coloured by hand. */
    parts: z.array(imagePartSchema).max(mostImageParts),
    finishes: z.array(finishSchema).max(20),
    /** What is masked or taped off each side of the image box. */
    crop: z.strictObject(sidesShape).nullable(),
  })
  .meta({ id: 'Image' });
