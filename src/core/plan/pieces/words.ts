import { z } from 'zod';
import { typedLengthSchema } from '../../length/lengthSchema';
import { letteringIds } from '../../lettering/letterings';
import { printSchema } from './colourSource';
import { commonShape } from './common';

/** Words set in a lettering, a stand-in for a sentiment stamp not owned yet. */
export const wordsSchema = z
  .strictObject({
    kind: z.literal('words'),
    ...commonShape,
    lines: z.array(z.string().trim().min(1).max(60)).min(1).max(12),
    lettering: z.enum(letteringIds),
    xHeight: typedLengthSchema.refine(({ ticks }) => ticks > 0, { message: 'words need a height' }),
    align: z.enum(['left', 'centre', 'right']),
    print: printSchema,
  })
  .meta({ id: 'Words' });
