import { z } from 'zod';
import { typedLengthSchema } from '../../length/lengthSchema';
import { boughtShape } from './itemShape';
import { toolKinds } from './kinds';

/** A tool, with what it reaches. */
export const toolSchema = z
  .strictObject({
    kind: z.literal('tool'),
    ...boughtShape,
    tool: z.enum(toolKinds),
    /** The longest cut or score, or the width of the press or platform. */
    reach: typedLengthSchema.nullable(),
    /** The other side of the platform. */
    depth: typedLengthSchema.nullable(),
    /** The finest mark on it. */
    mark: typedLengthSchema.nullable(),
  })
  .meta({ id: 'Tool' });
