import { z } from 'zod';
import type { CardText, StandingCard } from '../compute/standingCard';
import type { Length } from '../length/length';
import { folds } from '../paper/cardFormat';
import { cardIdSchema } from '../plan/ids';
import { seriesSchema } from '../plan/plan';
import { cardStatuses } from '../plan/planFacts';

const ticks = z.number().transform((value) => value as Length);
const size = z.object({ width: ticks, height: ticks });

/** A card as it stands on the Ledge, as the server lists it. */
export const standingCardSchema = z.object({
  id: cardIdSchema,
  revision: z.number().int(),
  title: z.string(),
  designerId: z.string().nullable(),
  releaseId: z.string().nullable(),
  series: seriesSchema.nullable(),
  status: z.enum(cardStatuses),
  filmOn: z.string().nullable(),
  occasion: z.string(),
  techniques: z.array(z.string()),
  format: z.string(),
  fold: z.enum(folds),
  isLying: z.boolean(),
  face: size,
  colour: z.string(),
  stops: z.number().int(),
  looks: z.number().int(),
  copies: z.number().int(),
  failure: z.string().nullable(),
}) satisfies z.ZodType<StandingCard>;

/** What a card is found by. */
export const cardTextSchema = z.object({
  words: z.string(),
  sizes: z.array(size),
}) satisfies z.ZodType<CardText>;
