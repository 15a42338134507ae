import { z } from 'zod';
import { pieceIdSchema, type Immutable } from './ids';
import { longestStepId } from './planFacts';
import { workPlaces } from './workFacts';

/** Kind, piece, medium and occurrence of a step, as the process tells them. */
const stepIdSchema = z.string().min(1).max(longestStepId);
const minutes = z.number().min(0).max(100_000);

/**
 * What a designer decided of the steps of making a card, beyond what follows from the plan. One whose step is gone is kept,
 * and found.
 */
export const overrideSchema = z
  .discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('skip'), step: stepIdSchema }),
    z.strictObject({
      kind: z.literal('reword'),
      step: stepIdSchema,
      words: z.string().trim().min(1).max(200),
    }),
    /** Takes so long, and so long to dry; null as follows from the plan. */
    z.strictObject({
      kind: z.literal('minutes'),
      step: stepIdSchema,
      minutes: minutes.nullable(),
      drying: minutes.nullable(),
    }),
    /** Comes before another, whatever the rules say. */
    z.strictObject({
      kind: z.literal('before'),
      step: stepIdSchema,
      then: stepIdSchema,
      /** The other is begun only when it is dry. */
      waits: z.boolean(),
    }),
    /** Is done in two parts, which may lie on two evenings; the first takes so long. */
    z.strictObject({
      kind: z.literal('split'),
      step: stepIdSchema,
      minutes: minutes.min(0.5),
    }),
    /** One of the designer's own, after another; null for whenever there is time. */
    z.strictObject({
      kind: z.literal('add'),
      id: pieceIdSchema,
      words: z.string().trim().min(1).max(200),
      place: z.enum(workPlaces),
      minutes: minutes.min(0.5),
      drying: minutes,
      after: stepIdSchema.nullable(),
    }),
  ])
  .meta({ id: 'StepOverride' });

export type Override = Immutable<z.output<typeof overrideSchema>>;
