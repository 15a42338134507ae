import { z } from 'zod';
import { collectionIds } from './collections';
import { combinationSchema } from './combination';
import { habitsSchema } from './habits';
import { pieceIdSchema, type Immutable } from './ids';
import { orderKeySchema } from './orderKeySchema';
import { longestStepId } from './planFacts';
import { orderedPieceSchema, pieceChangeSchema } from './piece';
import { acceptedSchema } from './accepted';
import { overlapSchema } from './overlap';
import { overrideSchema } from './override';
import { postSchema } from './post';
import { sceneSchema } from './scene';
import { aboutSchema, baseSchema, makingSchema } from './plan';
import { useSchema } from './use';

/** Adds a thing to a collection that has none of its id. */
const putSchema = z.discriminatedUnion('in', [
  z.strictObject({
    kind: z.literal('put'),
    in: z.literal('pieces'),
    item: orderedPieceSchema,
  }),
  z.strictObject({ kind: z.literal('put'), in: z.literal('uses'), item: useSchema }),
  z.strictObject({
    kind: z.literal('put'),
    in: z.literal('combinations'),
    item: combinationSchema,
  }),
  z.strictObject({ kind: z.literal('put'), in: z.literal('overlaps'), item: overlapSchema }),
  z.strictObject({ kind: z.literal('put'), in: z.literal('scenes'), item: sceneSchema }),
  z.strictObject({ kind: z.literal('put'), in: z.literal('overrides'), item: overrideSchema }),
  z.strictObject({ kind: z.literal('put'), in: z.literal('accepted'), item: acceptedSchema }),
]);

/** Changes some properties of a thing; one of a piece tells the kind of piece it is for. */
const changeSchema = z.discriminatedUnion('in', [
  pieceChangeSchema,
  z.strictObject({
    kind: z.literal('change'),
    in: z.literal('uses'),
    id: pieceIdSchema,
    change: useSchema.omit({ id: true }).partial(),
  }),
  z.strictObject({
    kind: z.literal('change'),
    in: z.literal('combinations'),
    id: pieceIdSchema,
    change: combinationSchema.omit({ id: true }).partial(),
  }),
  z.strictObject({
    kind: z.literal('change'),
    in: z.literal('scenes'),
    id: pieceIdSchema,
    change: sceneSchema.omit({ id: true }).partial(),
  }),
]);

/** A single change; all but the batch. */
export const simpleEditSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('set-about'), change: aboutSchema.partial() }),
  z.strictObject({ kind: z.literal('set-base'), change: baseSchema.partial() }),
  z.strictObject({ kind: z.literal('set-habits'), change: habitsSchema.partial() }),
  z.strictObject({ kind: z.literal('set-making'), change: makingSchema.partial() }),
  z.strictObject({ kind: z.literal('set-post'), change: postSchema.partial() }),
  putSchema,
  changeSchema,
  /** What lay on a removed piece lies on its support afterwards, each by its own rules. */
  z.strictObject({
    kind: z.literal('remove'),
    in: z.enum(collectionIds),
    /** Of what is decided of two steps it names both. */
    id: z
      .string()
      .min(1)
      .max(2 * longestStepId + 20),
  }),
  /** Gives a piece another place among the others. */
  z.strictObject({
    kind: z.literal('move'),
    in: z.literal('pieces'),
    id: pieceIdSchema,
    order: orderKeySchema,
  }),
]);

/**
 * Every way a plan can change; interface, import and remedies all go through this union.
 * A batch is done whole or not at all and does not nest.
 */
export const editSchema = z
  .union([
    simpleEditSchema,
    z.strictObject({ kind: z.literal('batch'), edits: z.array(simpleEditSchema).max(2000) }),
  ])
  .meta({ id: 'Edit' });

export type SimpleEdit = Immutable<z.output<typeof simpleEditSchema>>;
export type Edit = Immutable<z.output<typeof editSchema>>;
