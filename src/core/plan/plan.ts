import { z } from 'zod';
import { typedSizeSchema } from '../length/lengthSchema';
import { cardFormatIds, folds } from '../paper/cardFormat';
import { sheetIds } from '../paper/sheets';
import { habitsSchema } from './habits';
import {
  designerIdSchema,
  libraryIdSchema,
  pieceIdSchema,
  releaseIdSchema,
  type Immutable,
} from './ids';
import { libraryRefSchema } from './items/itemShape';
import { pieceSchema } from './piece';
import { ruleIds } from './rules';
import { cardStatuses, filmingChecks, currentPlanSchema, mostPieces } from './planFacts';
import { sortAccepted, sortUses } from './sortLists';

export const aboutSchema = z
  .strictObject({
    title: z.string().trim().min(1).max(120),
    designerId: designerIdSchema.nullable(),
    releaseId: releaseIdSchema.nullable(),
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
  })
  .meta({ id: 'Making' });

/** Something a card takes beside its panels: an ink, a gem, a tool. */
export const useSchema = z
  .strictObject({
    id: pieceIdSchema,
    item: libraryRefSchema,
    /** For one card, in the unit of the item; 0 where it is used but not used up. */
    amount: z.number().min(0).max(100_000),
    /** The piece it is for; null for the card as a whole. */
    pieceId: pieceIdSchema.nullable(),
    note: z.string().max(200),
  })
  .meta({ id: 'Use' });

/** A finding the designer has looked at and wants left as it is. */
export const acceptedSchema = z
  .strictObject({ rule: z.enum(ruleIds), pieceId: pieceIdSchema.nullable() })
  .meta({ id: 'Accepted' });

/** One card: what the designer decided. Every figure that follows from it is computed, not stored. */
export const planSchema = z
  .strictObject({
    schema: z.literal(currentPlanSchema),
    about: aboutSchema,
    base: baseSchema,
    habits: habitsSchema,
    /** In gluing order on each face. */
    pieces: z
      .array(pieceSchema)
      .max(mostPieces)
      .refine((pieces) => new Set(pieces.map(({ id }) => id)).size === pieces.length, {
        message: 'every piece needs an id of its own',
      }),
    making: makingSchema,
    /** Sorted by id. */
    uses: z
      .array(useSchema)
      .max(500)
      .refine((uses) => new Set(uses.map(({ id }) => id)).size === uses.length, {
        message: 'every use needs an id of its own',
      })
      .transform(sortUses),
    accepted: z.array(acceptedSchema).max(1000).transform(sortAccepted),
  })
  .meta({ id: 'Plan' });

export type Plan = Immutable<z.output<typeof planSchema>>;
export type Base = Plan['base'];
export type About = Plan['about'];
export type Making = Plan['making'];
export type Use = Plan['uses'][number];
