import { z } from 'zod';
import { boughtShape, colourSchema } from './itemShape';

/** What pictures are coloured with. */
export const mediumKinds = [
  'alcohol marker',
  'water marker',
  'watercolour',
  'pencil',
  'gel pen',
  'paint pen',
  'glitter glue',
  'spray',
] as const;

export const mediumSchema = z
  .strictObject({
    kind: z.literal('medium'),
    ...boughtShape,
    medium: z.enum(mediumKinds),
    colour: colourSchema,
  })
  .meta({ id: 'Medium' });
