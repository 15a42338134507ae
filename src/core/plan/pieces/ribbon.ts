import { z } from 'zod';
import { typedLengthSchema } from '../../length/lengthSchema';
import { libraryRefSchema } from '../items/itemShape';
import { colourSourceSchema } from './colourSource';
import { commonShape } from './common';
import { bowLooks, ribbonFixings, ribbonLooks, ribbonWays } from './looks';

const positive = (what: string) =>
  typedLengthSchema.refine(({ ticks }) => ticks > 0, { message: `${what} needs a size` });
const notNegative = (what: string) =>
  typedLengthSchema.refine(({ ticks }) => ticks >= 0, { message: `${what} may not be negative` });

/** What a ribbon ends in on the front. */
const bowSchema = z.strictObject({
  look: z.enum(bowLooks),
  /** From the left end of the ribbon to its middle; from the upper end of one that runs down. */
  at: notNegative('the place of a bow'),
  /** How wide it spreads. */
  across: positive('a bow'),
  /** So much ribbon its loops and its knot take. */
  takes: notNegative('what a bow takes'),
  /** Each of the two ends that hang from it. */
  tail: notNegative('a tail'),
});

/** Ribbon or twine, from edge to edge of what it lies on. What lies on that and comes before it in the list is under it. */
export const ribbonSchema = z
  .strictObject({
    kind: z.literal('ribbon'),
    ...commonShape,
    look: z.enum(ribbonLooks),
    /** Of twine, how thick it is. */
    width: positive('a ribbon'),
    runs: z.enum(['across', 'down']),
    way: z.enum(ribbonWays),
    /** How far each end reaches behind, where it is tucked. */
    tuck: notNegative('what is tucked under'),
    fixing: z.enum(ribbonFixings),
    bow: bowSchema.nullable(),
    colour: colourSourceSchema,
    /** What of the stash it is; null where none is counted. */
    item: libraryRefSchema.nullable(),
  })
  .meta({ id: 'Ribbon' });
