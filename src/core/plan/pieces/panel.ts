import { z } from 'zod';
import { adhesiveIds } from '../../paper/adhesives';
import { typedLengthSchema } from '../../length/lengthSchema';
import { libraryRefSchema } from '../items/itemShape';
import { overhangs } from './looks';
import { commonShape } from './common';
import { motionSchema } from './motion';
import { sidesShape } from './sidesShape';
import { sizeRuleSchema } from './sizeRule';
import { mostZones } from '../zones';
import { zoneSchema } from './zone';

/**
 * Card or paper: a rectangle, or what the die cuts that it is sized by. It is a mat when another lies on
 * it, and a liner inside on top.
 */
export const paperSchema = z
  .strictObject({
    kind: z.literal('panel'),
    ...commonShape,
    size: sizeRuleSchema,
    stock: libraryRefSchema,
    /** What holds it wherever no zone says otherwise. */
    attach: z.enum(adhesiveIds),
    zones: z.array(zoneSchema).max(mostZones),
    /** What comes off each side after decorating; the size rule gives the trimmed size. */
    trim: z.strictObject(sidesShape).nullable(),
    /** The middle under the piece on it is cut out, all but a rim of so much to glue on. */
    cutOut: z.strictObject({ rim: typedLengthSchema }).nullable(),
    /** The flap that carries a piece which crosses the middle of a gate fold. */
    carriedBy: z.enum(['left', 'right']),
    /** Turned over, left to right, as a die cut can be. */
    isMirrored: z.boolean(),
    /** What is cut off each side of what the size rule gives: shortened, halved. */
    crop: z.strictObject(sidesShape).nullable(),
    /**
     * What hangs over the edge of the card is kept, or cut off; or the piece is cut once more with what it lies on,
     * so that its edges are those of its panel.
     */
    overhang: z.enum(overhangs),
    motion: motionSchema.nullable(),
  })
  .meta({ id: 'Paper' });
