import { z } from 'zod';
import { typedLengthSchema } from '../../length/lengthSchema';
import { weightBases } from '../../paper/paperWeight';
import { sheetIds, type SheetId } from '../../paper/sheets';
import { boughtShape, colourSchema } from './itemShape';
import { paperKinds } from './kinds';

/** Paper or card by the sheet. */
export const stockSchema = z
  .strictObject({
    kind: z.literal('stock'),
    ...boughtShape,
    paper: z.enum(paperKinds),
    colour: colourSchema,
    /** Of the other side, where it differs. */
    bSide: colourSchema.nullable().default(null),
    gramsPerSquareMetre: z.number().int().min(30).max(1000),
    /** As the label says it, where that is in pounds. */
    pounds: z
      .strictObject({ weight: z.number().positive().max(500), basis: z.enum(weightBases) })
      .nullable()
      .default(null),
    caliper: typedLengthSchema,
    /** One way: what is printed on it has a top, so pieces are not turned. */
    direction: z.enum(['none', 'one-way']).default('none'),
    /** Which side of the sheet the fibres run along; null where that is not known. */
    grain: z.enum(['long', 'short']).nullable().default(null),
    /** The sheets and pads it comes in; items written before sheets were kept had these three. */
    sheets: z
      .array(z.enum(sheetIds))
      .min(1)
      .max(sheetIds.length)
      .default((): SheetId[] => ['letter', 'a4', '12x12']),
  })
  .meta({ id: 'Stock' });
