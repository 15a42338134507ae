import { z } from 'zod';
import { typedLengthSchema } from '../../length/lengthSchema';
import { colourSchema } from '../items/itemShape';
import { pathSchema } from '../items/shape';
import { commonShape } from './common';

/** Drawn by hand: a branch, a frame line, a horizon, a string. */
export const drawnSchema = z
  .strictObject({
    kind: z.literal('drawn'),
    ...commonShape,
    width: typedLengthSchema,
    height: typedLengthSchema,
    /** In a box 1000 wide and 1000 high, stretched to the size. */
    path: pathSchema,
    /** Zero where it is filled. */
    lineWidth: typedLengthSchema,
    colour: colourSchema,
  })
  .meta({ id: 'Drawn' });
