import { z } from 'zod';
import type { Immutable } from './ids';
import { ruleIds } from './rules';

/** A finding the designer has looked at and wants left as it is. */
export const acceptedSchema = z
  .strictObject({
    rule: z.enum(ruleIds),
    /** What it is about: `card`, or the id of a thing, or the ids of two. */
    subject: z.string().min(1).max(130),
  })
  .meta({ id: 'Accepted' });

export type Accepted = Immutable<z.output<typeof acceptedSchema>>;
