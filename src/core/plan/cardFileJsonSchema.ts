import { z } from 'zod';
import { cardFileSchema } from './cardFile';

/** The JSON Schema (2020-12) of the card file as it is read; published as docs/card-file.schema.json. */
export function cardFileJsonSchema(): object {
  return z.toJSONSchema(cardFileSchema, { io: 'input', target: 'draft-2020-12' });
}
