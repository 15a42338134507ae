import { z } from 'zod';
import { boughtShape, colourSchema } from './itemShape';
import { embellishmentKinds } from './kinds';

/** What is stuck or tied on; counted, or measured in metres where it is ribbon or twine. */
export const embellishmentSchema = z
  .strictObject({
    kind: z.literal('embellishment'),
    ...boughtShape,
    embellishment: z.enum(embellishmentKinds),
    colour: colourSchema,
  })
  .meta({ id: 'Embellishment' });
