import { z } from 'zod';
import { cardTextSchema, standingCardSchema } from './standingReplies';
import { cutBatchSchema } from '../cutting/cutBatch';
import { designerSchema, releaseSchema } from '../plan/cardFile';
import { editSchema } from '../plan/edit';
import { faceIds } from '../plan/faces';
import type { Immutable } from '../plan/ids';
import { libraryItemSchema } from '../plan/libraryItem';
import { combinationItemSchema } from '../plan/items/combination';
import { dieSetSchema } from '../plan/items/dieSet';
import { stockSchema } from '../plan/items/stock';
import { planSchema } from '../plan/plan';
import { madeAheadSchema } from '../process/ahead';
import { holdingSchema } from '../stash/holding';

/** Why something was not done: what is wrong, how to mend it, and where in what was sent. */
export const refusalSchema = z.object({
  error: z.object({
    message: z.string(),
    hint: z.string().optional(),
    path: z.string().optional(),
  }),
});

/** A card as it is on the server, and the edits that led there from the revision one had. */
const newerCard = {
  revision: z.number().int(),
  plan: planSchema,
  theirs: z.array(editSchema),
};

/** What the server replies to the page, by what was asked; both sides hold to it. */
export const replies = {
  /** Done; what else the reply says does not matter. */
  done: z.looseObject({}),
  /** A card that was made. */
  card: z.object({ id: z.string() }),
  /** Cards that were made together. */
  cards: z.object({ ids: z.array(z.string()) }),
  cardsRemoved: z.object({ removed: z.array(z.string()) }),
  /** All cards as they stand on the Ledge, and those in the bin. */
  ledge: z.object({ cards: z.array(standingCardSchema), binned: z.array(standingCardSchema) }),
  /** What cards are found by, by their ids. */
  cardTexts: z.object({ texts: z.record(z.string(), cardTextSchema) }),
  designer: designerSchema,
  release: releaseSchema,
  stock: stockSchema,
  dieSet: dieSetSchema,
  combination: combinationItemSchema,
  /** The cards that use an item, and the faces a stamp is printed on. */
  itemUses: z.object({
    cards: z.array(
      z.object({ id: z.string(), title: z.string(), faces: z.array(z.enum(faceIds)) }),
    ),
  }),
  /** Cards that share inks and the like with one, and which. */
  sharing: z.object({
    cards: z.array(
      z.object({
        id: z.string(),
        title: z.string(),
        copies: z.number().int(),
        shared: z.array(z.string()),
      }),
    ),
  }),
  /** Items of the stash, each to be read on its own, and what there is of them. */
  stashPart: z.object({ items: z.array(z.unknown()), holdings: z.array(holdingSchema) }),
  stash: z.object({ items: z.array(libraryItemSchema), holdings: z.array(holdingSchema) }),
  /** All that is made ahead of a card. */
  ahead: z.object({ ahead: madeAheadSchema }),
  taking: z.object({ batch: cutBatchSchema, holdings: z.array(holdingSchema) }),
  /** Edits that were kept, or why a person has to choose. `plan` is given where others' edits are in it too. */
  save: z.discriminatedUnion('kind', [
    z.object({
      kind: z.literal('saved'),
      revision: z.number().int(),
      plan: planSchema.nullable(),
      theirs: z.array(editSchema),
    }),
    z.object({ kind: z.literal('conflict'), revision: z.number().int(), plan: planSchema }),
    /** The page is of an older Nibwright, whose changes this one cannot read. */
    z.object({ kind: z.literal('old-page') }),
  ]),
  /** What became of a card since a revision. */
  since: z.object(newerCard),
  revisions: z.object({
    start: planSchema,
    revisions: z.array(
      z.object({
        number: z.number().int(),
        author: z.string().nullable(),
        at: z.string(),
        edits: z.array(editSchema),
      }),
    ),
    designers: z.array(designerSchema),
    /** Who asks: the designer of this browser, as the revisions name their author. */
    you: z.string().nullable(),
  }),
} as const;

export type ReplyName = keyof typeof replies;
export type ReplyOf<Name extends ReplyName> = Immutable<z.output<(typeof replies)[Name]>>;

/** What the house tells a browser without being asked. */
export const houseEventSchema = z.discriminatedUnion('kind', [
  /** First on a stream: which Nibwright this is. */
  z.object({ kind: z.literal('hello'), build: z.string() }),
  /** Somebody saved a card. */
  z.object({ kind: z.literal('saved'), cardId: z.string(), revision: z.number().int() }),
  /** Who else has a card open, by name; without a name, null. */
  z.object({
    kind: z.literal('present'),
    cardId: z.string(),
    people: z.array(z.string().nullable()),
  }),
]);
export type HouseEvent = Immutable<z.output<typeof houseEventSchema>>;
