import { z } from 'zod';
import { boughtShape, colouredShape, colourSchema } from './itemShape';
import { powderKinds } from './kinds';

/** Embossing powder. */
export const powderSchema = z
  .strictObject({
    kind: z.literal('powder'),
    ...boughtShape,
    powder: z.enum(powderKinds),
    colour: colourSchema,
    ...colouredShape,
  })
  .meta({ id: 'Powder' });
