import { z } from 'zod';
import { cutPlanSchema } from '../cutting/cutPlan';
import { cardProblemSchema } from './cuttingProblem';
import { sheetIds } from '../paper/sheets';
import type { Immutable } from '../plan/ids';
import { supplyGroups } from '../supplies/supplyRow';

/** What the supplies service takes: a card file, and what is said to be in a stash. */
export const suppliesProblemSchema = cardProblemSchema;

const amount = z.number().nullable();

/** Its answer; what is not known or not used up is null. */
export const suppliesAnswerSchema = z
  .object({
    copies: z.number().int(),
    rows: z.array(
      z.object({
        group: z.enum(supplyGroups),
        itemId: z.string().nullable(),
        name: z.string(),
        sheet: z.enum(sheetIds).nullable(),
        unit: z.enum(['sheet', 'piece', 'm', 'ml', 'use']),
        one: amount,
        batch: amount,
        owned: amount,
        lacking: z.number(),
        /** Hundredths, of one. */
        price: amount,
        letters: z.array(z.string()),
        notes: z.array(z.string()),
      }),
    ),
    /** Hundredths, of all whose price is known. */
    cost: z.number(),
    unpriced: z.array(z.string()),
    isCutShort: z.boolean(),
    /** The plan that the sheets come from. */
    cutPlan: cutPlanSchema,
  })
  .meta({ id: 'SuppliesAnswer' });

export type SuppliesAnswer = Immutable<z.output<typeof suppliesAnswerSchema>>;
