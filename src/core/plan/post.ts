import { z } from 'zod';
import { envelopeIds } from '../paper/envelopes';
import { mailerKinds } from '../paper/mailerBlank';
import type { Immutable } from './ids';
import { libraryRefSchema } from './items/itemShape';
import { mailClassIds, mailSchemeIds, mostEnclosures } from './planFacts';

/** How a card is sent: its envelope, the class of mail it is to go by, and what goes with it. */
export const postSchema = z
  .strictObject({
    envelope: z.discriminatedUnion('by', [
      /** The smallest that holds it: of those owned, else of the standard ones. */
      z.strictObject({ by: z.literal('smallest') }),
      z.strictObject({ by: z.literal('standard'), id: z.enum(envelopeIds) }),
      z.strictObject({ by: z.literal('item'), item: libraryRefSchema }),
      /** Made to the measure of the card, from a stock. */
      z.strictObject({ by: z.literal('made'), kind: z.enum(mailerKinds), stock: libraryRefSchema }),
    ]),
    /** The dearest class it may fall into; null where none is wanted. */
    wanted: z
      .strictObject({ scheme: z.enum(mailSchemeIds), class: z.enum(mailClassIds) })
      .nullable(),
    /** What is put into the envelope with it. */
    enclosures: z
      .array(
        z.strictObject({
          name: z.string().trim().min(1).max(60),
          grams: z.number().min(0).max(1000),
        }),
      )
      .max(mostEnclosures),
    /** It is given to a child under three, so nothing small may come off. */
    forChild: z.boolean(),
  })
  .meta({ id: 'Post' });

export type Post = Immutable<z.output<typeof postSchema>>;
export type EnvelopeChoice = Post['envelope'];
