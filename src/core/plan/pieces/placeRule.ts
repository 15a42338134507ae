import { z } from 'zod';
import { typedOffsetSchema } from '../../length/lengthSchema';
import { pieceIdSchema } from '../ids';

const third = z.strictObject({
  from: z.literal('third'),
  /** The first from the left or top, or the second. */
  which: z.union([z.literal(1), z.literal(2)]),
});
/** Next to another piece of the same face, so far from its side; negative where they overlap. */
const beside = { from: z.literal('piece'), piece: pieceIdSchema, gap: typedOffsetSchema };
const horizontalPlaceSchema = z.discriminatedUnion('from', [
  z.strictObject({ from: z.literal('centre') }),
  z.strictObject({ from: z.literal('left'), distance: typedOffsetSchema }),
  z.strictObject({ from: z.literal('right'), distance: typedOffsetSchema }),
  third,
  z.strictObject({ ...beside, side: z.enum(['left', 'right']) }),
]);
const verticalPlaceSchema = z.discriminatedUnion('from', [
  z.strictObject({ from: z.literal('centre') }),
  z.strictObject({ from: z.literal('top'), distance: typedOffsetSchema }),
  z.strictObject({ from: z.literal('bottom'), distance: typedOffsetSchema }),
  third,
  z.strictObject({ ...beside, side: z.enum(['top', 'bottom']) }),
]);

/**
 * Centred, its middle on a third, so far from a named edge, or beside a neighbour, each way for itself; then
 * turned about its own middle, clockwise.
 */
export const placeRuleSchema = z
  .strictObject({
    x: horizontalPlaceSchema,
    y: verticalPlaceSchema,
    turn: z.number().min(-180).max(180).meta({ description: 'Degrees, clockwise.' }),
  })
  .meta({ id: 'PlaceRule' });
