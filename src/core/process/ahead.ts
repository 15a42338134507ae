import { z } from 'zod';
import type { Immutable } from '../plan/ids';
import { longestStepId } from '../plan/planFacts';

/** So many copies of a card are made as far as a step, and lie in the stash. */
export const aheadSchema = z
  .strictObject({
    /** The id of the step, which is the last that was done. */
    step: z.string().min(1).max(longestStepId),
    /** What it was called then. */
    name: z.string().min(1).max(400),
    count: z.number().int().min(1).max(10_000),
  })
  .meta({ id: 'Ahead' });

/** All that is made ahead of a card, each step once. */
export const madeAheadSchema = z.array(aheadSchema).max(200);

export type Ahead = Immutable<z.output<typeof aheadSchema>>;
