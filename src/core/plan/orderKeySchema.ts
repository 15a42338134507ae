import { z } from 'zod';
import { isOrderKey, type OrderKey } from './orderKeys';

export const orderKeySchema = z
  .string()
  .max(200)
  .refine((text) => isOrderKey(text), 'an order key')
  .transform((text) => text as OrderKey)
  .meta({ description: 'What the pieces of a plan are sorted by.' });
