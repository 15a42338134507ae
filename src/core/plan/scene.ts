import { z } from 'zod';
import { typedLengthSchema, typedOffsetSchema } from '../length/lengthSchema';
import { pieceIdSchema, type Immutable } from './ids';
import { supportSchema } from './pieces/common';
import { mostDiePoints, mostInked, mostLinePoints, mostSceneLines } from './planFacts';

/** From the corner of the paper, rightward and downward. */
const pointSchema = z.strictObject({ x: typedOffsetSchema, y: typedOffsetSchema });

const sceneLineSchema = z
  .strictObject({
    /** The strip below the line goes by its id. */
    id: pieceIdSchema.refine((id) => id !== 'top' && id !== 'disc', {
      message: 'top and disc are the names of strips',
    }),
    edge: z.discriminatedUnion('by', [
      z.strictObject({
        by: z.literal('points'),
        /** From left to right. */
        points: z.array(pointSchema).min(2).max(mostLinePoints),
        /** Rounded through the points, or straight from one to the next as the edge of a die is. */
        isSmooth: z.boolean(),
      }),
      /** The upper or lower edge of what lies on the card, wherever that is moved. */
      z.strictObject({
        by: z.literal('piece'),
        piece: pieceIdSchema,
        side: z.enum(['top', 'bottom']),
      }),
      /** Drawn along the edge of a die that is laid on the paper, as that was when it was laid; it is moved as a whole. */
      z.strictObject({
        by: z.literal('die'),
        name: z.string().trim().min(1).max(80),
        x: typedOffsetSchema,
        y: typedOffsetSchema,
        /** From left to right, in ticks from where it is laid. */
        corners: z
          .array(z.strictObject({ x: z.number().int(), y: z.number().int() }))
          .min(2)
          .max(mostDiePoints),
      }),
    ]),
  })
  .meta({ id: 'SceneLine' });

const stripIdSchema = pieceIdSchema.meta({
  description: 'The line it lies below, `top` for the highest, `disc` for the disc.',
});

/** A paper divided into strips by lines across it: a jigsaw mask, of which some strips are lifted at a time and inked. */
export const sceneSchema = z
  .strictObject({
    id: pieceIdSchema,
    name: z.string().trim().min(1).max(60),
    on: supportSchema,
    /** From the top. */
    lines: z
      .array(sceneLineSchema)
      .max(mostSceneLines)
      .refine((lines) => new Set(lines.map(({ id }) => id)).size === lines.length, {
        message: 'every line needs an id of its own',
      }),
    /** Kept for a sun or a moon in the highest strip: the middle, and how wide it is. */
    disc: z
      .strictObject({
        x: typedOffsetSchema,
        y: typedOffsetSchema,
        across: typedLengthSchema.refine(({ ticks }) => ticks > 0, { message: 'it needs a width' }),
      })
      .nullable(),
    /** The marks that are inked in these strips only; all others of the paper take no notice of the scene. */
    inked: z
      .array(
        z.strictObject({
          piece: pieceIdSchema,
          strips: z.array(stripIdSchema).max(mostSceneLines + 2),
        }),
      )
      .max(mostInked)
      .refine((list) => new Set(list.map(({ piece }) => piece)).size === list.length, {
        message: 'a mark is told of once',
      }),
    /** Which strips are open together, in turns; those left out come last. Null where the fewest laid back decide. */
    turns: z
      .array(
        z
          .array(stripIdSchema)
          .min(1)
          .max(mostSceneLines + 2),
      )
      .max(mostSceneLines + 2)
      .nullable(),
  })
  .meta({ id: 'Scene' });

export type Scene = Immutable<z.output<typeof sceneSchema>>;
export type SceneLine = Scene['lines'][number];
export type ScenePoint = Extract<SceneLine['edge'], { by: 'points' }>['points'][number];
