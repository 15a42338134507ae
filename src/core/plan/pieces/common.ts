import { z } from 'zod';
import { faceIds } from '../faces';
import { pieceIdSchema } from '../ids';
import { placeRuleSchema } from './placeRule';

/** What a piece lies on: a face of the base, or another piece. */
export const supportSchema = z.union([
  z.strictObject({ face: z.enum(faceIds) }),
  z.strictObject({ piece: pieceIdSchema }),
]);

/** What every piece has, whatever it is. */
export const commonShape = {
  id: pieceIdSchema,
  name: z.string().trim().min(1).max(60),
  on: supportSchema,
  place: placeRuleSchema,
  /** Turned off: kept in the plan, left out of the card. */
  isOff: z.boolean(),
  /** Pieces of one group are turned off, copied and moved together. */
  group: z.string().trim().min(1).max(40).nullable(),
  notes: z.string().max(2000),
};
