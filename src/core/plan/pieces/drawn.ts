import { z } from 'zod';
import { typedLengthSchema } from '../../length/lengthSchema';
import { pathSchema } from '../items/shape';
import { colourSourceSchema } from './colourSource';
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
    colour: colourSourceSchema,
  })
  .meta({ id: 'Drawn' });
