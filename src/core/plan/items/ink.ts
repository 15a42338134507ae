import { z } from 'zod';
import { boughtShape, colourSchema } from './itemShape';
import { inkKinds } from './kinds';

export const inkSchema = z
  .strictObject({
    kind: z.literal('ink'),
    ...boughtShape,
    ink: z.enum(inkKinds),
    colour: colourSchema,
  })
  .meta({ id: 'Ink' });
