import { z } from 'zod';
import { adhesiveIds } from '../../paper/adhesives';
import { boughtShape } from './itemShape';

/** An adhesive as it is bought: tape by the metre, foam by the piece, glue by the millilitre. */
export const adhesiveItemSchema = z
  .strictObject({ kind: z.literal('adhesive'), ...boughtShape, glue: z.enum(adhesiveIds) })
  .meta({ id: 'AdhesiveItem' });
