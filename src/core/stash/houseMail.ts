import { z } from 'zod';
import { typedLengthSchema } from '../length/lengthSchema';
import { mailClassIds, mailSchemeIds } from '../plan/planFacts';
import type { Immutable } from '../plan/ids';

const asOf = z.iso.date();
const most = typedLengthSchema
  .refine(({ ticks }) => ticks > 0, { message: 'a limit needs a size' })
  .nullable();

/** What a team knows of one class of mail beside what ships with the application; each with the day it was looked up. */
const classNoteSchema = z.strictObject({
  /** Of one piece, in hundredths of the team's money. */
  price: z.strictObject({ hundredths: z.number().int().min(0).max(10_000_000), asOf }).nullable(),
  /** The most it takes, where that has changed; null where it is as it ships. */
  limits: z
    .strictObject({
      long: most,
      short: most,
      thickness: most,
      grams: z.number().positive().max(100_000).nullable(),
      asOf,
    })
    .nullable(),
});

/** How a team posts: by whose mail, for how much, and which limits have changed. */
export const houseMailSchema = z
  .strictObject({
    /** The authority whose mail it posts by, where a card does not say. */
    home: z.enum(mailSchemeIds).nullable(),
    classes: z.partialRecord(z.enum(mailClassIds), classNoteSchema),
  })
  .meta({ id: 'HouseMail' });

export type HouseMail = Immutable<z.output<typeof houseMailSchema>>;
export type MailClassNote = Immutable<z.output<typeof classNoteSchema>>;
