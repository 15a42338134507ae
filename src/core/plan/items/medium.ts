import { z } from 'zod';
import { boughtShape, colouredShape, colourSchema } from './itemShape';
import { mediumKinds } from './kinds';

export const mediumSchema = z
  .strictObject({
    kind: z.literal('medium'),
    ...boughtShape,
    medium: z.enum(mediumKinds),
    colour: colourSchema,
    ...colouredShape,
  })
  .meta({ id: 'Medium' });
