import { z } from 'zod';
import { typedLengthSchema } from '../../length/lengthSchema';
import { libraryRefSchema } from '../items/itemShape';
import { colourSourceSchema } from './colourSource';
import { dotLooks } from './looks';
import { commonShape } from './common';

/** Something round: a gem, a drop, a splash. */
export const dotSchema = z
  .strictObject({
    kind: z.literal('dot'),
    ...commonShape,
    look: z.enum(dotLooks),
    diameter: typedLengthSchema.refine(({ ticks }) => ticks > 0, { message: 'a dot needs a size' }),
    colour: colourSourceSchema,
    /** What of the stash it is; null where none is counted, as with splatter. */
    item: libraryRefSchema.nullable(),
  })
  .meta({ id: 'Dot' });
