import { z } from 'zod';
import { typedSizeSchema } from '../length/lengthSchema';
import { cardFormatIds, folds } from '../paper/cardFormat';
import { sheetIds } from '../paper/sheets';
import { acceptedSchema } from './accepted';
import { collections, overlapId, overrideId } from './collections';
import { habitsSchema } from './habits';
import { combinationSchema } from './combination';
import {
  designerIdSchema,
  libraryIdSchema,
  releaseIdSchema,
  seriesIdSchema,
  type Immutable,
} from './ids';
import { libraryRefSchema } from './items/itemShape';
import { overlapSchema } from './overlap';
import { overrideSchema } from './override';
import { eveningsSchema } from './evenings';
import { postSchema } from './post';
import { sceneSchema } from './scene';
import { orderedPieceSchema, pieceSchema } from './piece';
import {
  cardStatuses,
  currentPlanSchema,
  filmingChecks,
  mostAccepted,
  mostCombinations,
  mostOverlaps,
  mostOverrides,
  mostPieces,
  mostScenes,
  mostUses,
} from './planFacts';
import { useSchema } from './use';

/** Cards of one design with other words or on other stocks, kept together and bought as one batch. */
export const seriesSchema = z
  .strictObject({ id: seriesIdSchema, name: z.string().trim().min(1).max(120) })
  .meta({ id: 'Series' });

export const aboutSchema = z
  .strictObject({
    title: z.string().trim().min(1).max(120),
    designerId: designerIdSchema.nullable(),
    releaseId: releaseIdSchema.nullable(),
    /** The cards made of one design with it; null where it stands by itself. */
    series: seriesSchema.nullable(),
    occasion: z.string().max(60),
    techniques: z.array(z.string().trim().min(1).max(40)).max(20),
    status: z.enum(cardStatuses),
    /** The day it is filmed, and the day the tutorial is published. */
    filmOn: z.iso.date().nullable(),
    publishOn: z.iso.date().nullable(),
    /** What of the checklist before filming is done. */
    checked: z.array(z.enum(filmingChecks)).max(filmingChecks.length),
    notes: z.string().max(10_000),
  })
  .meta({ id: 'About' });

export const baseSchema = z
  .strictObject({
    format: z.discriminatedUnion('kind', [
      z.strictObject({
        kind: z.literal('named'),
        id: z.enum(cardFormatIds),
        stand: z.enum(['upright', 'lying']),
      }),
      /** Finished, closed size; which side is longer tells how it stands. */
      z.strictObject({
        kind: z.literal('custom'),
        size: typedSizeSchema.refine(({ width, height }) => width.ticks > 0 && height.ticks > 0, {
          message: 'a card needs a width and a height',
        }),
      }),
    ]),
    fold: z.enum(folds),
    /** A sheet blank of the format, 'exact' for the finished size's own, null for the format's first. */
    blankId: z.string().max(40).nullable(),
    stock: libraryRefSchema,
  })
  .meta({ id: 'Base' });

export const makingSchema = z
  .strictObject({
    copies: z.number().int().min(1).max(10_000),
    /** Cut beyond what is needed: so many of each piece, or so much of a hundred. */
    spares: z.discriminatedUnion('by', [
      z.strictObject({ by: z.literal('each'), count: z.number().int().min(0).max(1000) }),
      z.strictObject({ by: z.literal('percent'), percent: z.number().min(0).max(100) }),
    ]),
    /** The sheets a stock is cut from, where that is not left to what is owned. */
    sheets: z
      .array(
        z.strictObject({ stock: libraryIdSchema, sheets: z.array(z.enum(sheetIds)).min(1).max(5) }),
      )
      .max(200),
    /** Whether leftovers are cut up before a new sheet is. */
    usesLeftovers: z.boolean(),
    /** When this card is worked on; null for whenever its designer works. */
    evenings: eveningsSchema.nullable(),
  })
  .meta({ id: 'Making' });

/** What a plan holds, with pieces as it is kept or as it is written. */
const planOf = <Pieces extends z.ZodType>(pieces: Pieces) =>
  z.strictObject({
    schema: z.literal(currentPlanSchema),
    about: aboutSchema,
    base: baseSchema,
    habits: habitsSchema,
    pieces,
    making: makingSchema,
    post: postSchema,
    /** Sorted by id. */
    uses: z
      .array(useSchema)
      .max(mostUses)
      .refine(haveOwnIds, { message: 'every use needs an id of its own' })
      .transform((uses) => uses.toSorted(collections.uses.compare)),
    /** Sorted by id. */
    combinations: z
      .array(combinationSchema)
      .max(mostCombinations)
      .refine(haveOwnIds, { message: 'every combination needs an id of its own' })
      .transform((list) => list.toSorted(collections.combinations.compare)),
    /** Sorted by the ids of the two. */
    overlaps: z
      .array(overlapSchema)
      .max(mostOverlaps)
      .refine((list) => new Set(list.map(overlapId)).size === list.length, {
        message: 'two pieces are told of once',
      })
      .transform((list) => list.toSorted(collections.overlaps.compare)),
    /** Sorted by id. */
    scenes: z
      .array(sceneSchema)
      .max(mostScenes)
      .refine(haveOwnIds, { message: 'every scene needs an id of its own' })
      .transform((list) => list.toSorted(collections.scenes.compare)),
    /** Sorted by kind and step. */
    overrides: z
      .array(overrideSchema)
      .max(mostOverrides)
      .refine((list) => new Set(list.map(overrideId)).size === list.length, {
        message: 'one of a kind for a step',
      })
      .transform((list) => list.toSorted(collections.overrides.compare)),
    accepted: z
      .array(acceptedSchema)
      .max(mostAccepted)
      .transform((accepted) => accepted.toSorted(collections.accepted.compare)),
  });

const ownIds = { message: 'every piece needs an id of its own' };

/** One card: what the designer decided. Every figure that follows from it is computed, not stored. */
export const planSchema = planOf(
  /** In gluing order on each face: sorted by their keys. */
  z
    .array(orderedPieceSchema)
    .max(mostPieces)
    .refine(haveOwnIds, ownIds)
    .transform((pieces) => pieces.toSorted(collections.pieces.compare)),
);

/** A plan as a card file holds it: its pieces in order, without the keys they are sorted by. */
export const writtenPlanSchema = planOf(
  z.array(pieceSchema).max(mostPieces).refine(haveOwnIds, ownIds),
).meta({ id: 'Plan' });

function haveOwnIds(things: readonly { readonly id: string }[]): boolean {
  return new Set(things.map(({ id }) => id)).size === things.length;
}

export type Plan = Immutable<z.output<typeof planSchema>>;
export type Base = Plan['base'];
export type About = Plan['about'];
export type Series = NonNullable<About['series']>;
export type Making = Plan['making'];
