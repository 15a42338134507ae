import { z } from 'zod';
import { boughtShape, colourSchema } from './itemShape';
import { powderKinds } from './kinds';

/** Embossing powder. */
export const powderSchema = z
  .strictObject({
    kind: z.literal('powder'),
    ...boughtShape,
    powder: z.enum(powderKinds),
    colour: colourSchema,
  })
  .meta({ id: 'Powder' });
