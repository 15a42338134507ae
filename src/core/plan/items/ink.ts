import { z } from 'zod';
import { boughtShape, colourSchema } from './itemShape';

/** What a pad is filled with, which decides what it dries on and what it suits. */
export const inkKinds = ['dye', 'chalk', 'pigment', 'solvent', 'reactive', 'sticky'] as const;

export const inkSchema = z
  .strictObject({
    kind: z.literal('ink'),
    ...boughtShape,
    ink: z.enum(inkKinds),
    colour: colourSchema,
  })
  .meta({ id: 'Ink' });
