import { z } from 'zod';
import type { Immutable } from '../plan/ids';
import { takingSchema } from '../stash/taking';
import { cutPlanSchema } from './cutPlan';

const wantedSchema = z.strictObject({
  /** `base`, or the id of a piece. */
  id: z.string(),
  letter: z.string(),
  name: z.string(),
  stock: z.string(),
  w: z.number().int(),
  h: z.number().int(),
  copies: z.number().int(),
});

/** A cut plan as it was accepted, and the work done on it. */
export const cutBatchSchema = z
  .strictObject({
    /** Of what the plan was made from; another one means that the card has changed since. */
    hash: z.string().regex(/^[0-9a-f]{16}$/),
    acceptedAt: z.iso.datetime(),
    wanted: z.array(wantedSchema),
    plan: cutPlanSchema,
    /** What is done, by `stepKey`. */
    doneSteps: z.array(z.string()).max(20_000),
    /** What was taken out of the stash for it; null until that is done. */
    taken: z.array(takingSchema).nullable(),
  })
  .meta({ id: 'CutBatch' });

/** As it may have been kept: what is done was called otherwise before. */
export const storedBatchSchema = z.preprocess((batch) => {
  const isOld = typeof batch === 'object' && batch !== null && 'ticks' in batch;
  if (!isOld) return batch;
  const { ticks, ...rest } = batch;
  return { ...rest, doneSteps: ticks };
}, cutBatchSchema);

export type CutBatch = Immutable<z.output<typeof cutBatchSchema>>;
export type WantedRow = CutBatch['wanted'][number];
