import { z } from 'zod';
import { habitsSchema } from './habits';
import { pieceIdSchema, type Immutable } from './ids';
import { pieceChangeSchema, pieceSchema } from './piece';
import { aboutSchema, acceptedSchema, baseSchema, makingSchema, useSchema } from './plan';
import { mostPieces } from './planFacts';

const indexSchema = z.number().int().min(0).max(mostPieces);

/** A single change; all but the batch. */
const simpleEditSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('set-about'), change: aboutSchema.partial() }),
  z.strictObject({ kind: z.literal('set-base'), change: baseSchema.partial() }),
  z.strictObject({ kind: z.literal('set-habits'), change: habitsSchema.partial() }),
  z.strictObject({ kind: z.literal('set-making'), change: makingSchema.partial() }),
  /** Inserts before the piece now at the index; past the end it comes last. */
  z.strictObject({ kind: z.literal('add-piece'), piece: pieceSchema, index: indexSchema }),
  /** What lay on the piece lies on its support afterwards, each by its own rules. */
  z.strictObject({ kind: z.literal('remove-piece'), id: pieceIdSchema }),
  z.strictObject({
    kind: z.literal('change-piece'),
    id: pieceIdSchema,
    change: pieceChangeSchema,
  }),
  z.strictObject({ kind: z.literal('reorder-piece'), id: pieceIdSchema, index: indexSchema }),
  /** Adds or changes what a card takes beside its panels; null takes it out. */
  z.strictObject({
    kind: z.literal('set-use'),
    id: pieceIdSchema,
    use: useSchema.omit({ id: true }).nullable(),
  }),
  z.strictObject({
    kind: z.literal('accept-finding'),
    finding: acceptedSchema,
    accepted: z.boolean(),
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
