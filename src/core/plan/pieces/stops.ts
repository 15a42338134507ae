import { z } from 'zod';
import type { Immutable } from '../ids';
import { colourSourceSchema } from './colourSource';
import { applicators, strengths } from './looks';

const share = z.number().min(0).max(1);

/** Which way a blend runs. */
export const directionSchema = z
  .discriminatedUnion('kind', [
    /** Degrees clockwise from downward: 0 has the first ink at the top, 90 at the right. */
    z.strictObject({ kind: z.literal('along'), turn: z.number().min(-180).max(180) }),
    /** From a point, by its share of width and height, to the farthest corner. */
    z.strictObject({ kind: z.literal('outward'), x: share, y: share }),
  ])
  .meta({ id: 'BlendDirection' });

/** One ink of a blend, from where to where along the way it reaches. */
export const stopSchema = z
  .strictObject({
    ink: colourSourceSchema,
    /** From 0, where the blend begins, to 1, where it ends. */
    from: share,
    to: share,
    tool: z.enum(applicators),
    strength: z.enum(strengths),
  })
  .refine(({ from, to }) => from < to, { message: 'an ink needs to end after it begins' })
  .meta({ id: 'BlendStop' });

/** Inks in the order they are laid; one alone is plain. */
export const stopsSchema = z.array(stopSchema).min(1).max(8);

export type BlendStop = Immutable<z.output<typeof stopSchema>>;
export type BlendDirection = Immutable<z.output<typeof directionSchema>>;
