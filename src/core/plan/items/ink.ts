import { z } from 'zod';
import { boughtShape, colouredShape, colourSchema } from './itemShape';
import { inkKinds, solvents } from './kinds';

export const inkSchema = z
  .strictObject({
    kind: z.literal('ink'),
    ...boughtShape,
    ink: z.enum(inkKinds),
    colour: colourSchema,
    ...colouredShape,
    /** What it stands once it is dry, where that is not what its sort usually does. */
    withstands: z.array(z.enum(solvents)).max(solvents.length).nullable().default(null),
  })
  .meta({ id: 'Ink' });
