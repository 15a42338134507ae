import { z } from 'zod';
import { pieceIdSchema, type Immutable } from './ids';
import { ruleIds } from './rules';

/** A finding the designer has looked at and wants left as it is. */
export const acceptedSchema = z
  .strictObject({ rule: z.enum(ruleIds), pieceId: pieceIdSchema.nullable() })
  .meta({ id: 'Accepted' });

export type Accepted = Immutable<z.output<typeof acceptedSchema>>;
