import { z } from 'zod';
import type { Immutable } from '../plan/ids';
import { longestStepId, mostOverrides } from '../plan/planFacts';

const moment = z.iso.datetime();

const workedStepSchema = z.strictObject({
  /** The id of the step, or of the first of a stage. */
  step: z
    .string()
    .min(1)
    .max(2 * longestStepId),
  /** What it was called then. */
  name: z.string().min(1).max(400),
  /** For so many copies. */
  copies: z.number().int().min(0).max(10_000),
  /** Spent at it so far, and what was planned for all copies, in seconds. */
  spent: z.number().min(0).max(10_000_000),
  planned: z.number().min(0).max(10_000_000),
  /** When the first and the last copy of it was done. */
  firstAt: moment,
  lastAt: moment,
});

/** The work on the copies of a card: what is done, and how long it took. */
export const workBatchSchema = z
  .strictObject({
    copies: z.number().int().min(1).max(10_000),
    startedAt: moment,
    steps: z.array(workedStepSchema).max(2 * mostOverrides + 400),
    /** What is in the hand, and since when; null while nobody is at it. */
    current: z.strictObject({ step: z.string().max(2 * longestStepId), since: moment }).nullable(),
  })
  .meta({ id: 'WorkBatch' });

export type WorkBatch = Immutable<z.output<typeof workBatchSchema>>;
export type WorkedStep = WorkBatch['steps'][number];
