import { z } from 'zod';
import { isZone } from '../text/isZone';
import type { Immutable } from './ids';

const clockSchema = z
  .string()
  .regex(/^([01]\d|2[0-3]):[0-5]\d$/, { message: 'hours and minutes, as 19:30' });

/** When somebody works on cards, as the clocks of a place have it. */
export const eveningsSchema = z
  .strictObject({
    /** Of the IANA time zone database, such as `Europe/Lisbon`. */
    zone: z.string().max(60).refine(isZone, { message: 'a time zone, such as Europe/Lisbon' }),
    weekly: z
      .array(
        z.strictObject({
          /** From 1, Monday, to 7, Sunday. */
          day: z.number().int().min(1).max(7),
          from: clockSchema,
          /** No later than the start is on the next day. */
          to: clockSchema,
        }),
      )
      .min(1, { message: 'needs a day' })
      .max(21),
    /** So many work at once. */
    people: z.number().int().min(1).max(9),
  })
  .meta({ id: 'Evenings' });

export type Evenings = Immutable<z.output<typeof eveningsSchema>>;
export type WeeklyHours = Evenings['weekly'][number];
