import { z } from 'zod';
import { sheetIds } from '../paper/sheets';
import { libraryRefSchema } from '../plan/items/itemShape';
import type { Immutable } from '../plan/ids';

const ticks = z.number().int().meta({ description: 'Ticks of 62.5 nm.' });
const rectShape = { x: ticks, y: ticks, w: ticks, h: ticks };

/** Where a piece of paper to cut comes from. */
export const cutSourceSchema = z
  .strictObject({
    kind: z.enum(['sheet', 'leftover', 'recovered']),
    /** The sheet it is; null for leftovers and recovered middles. */
    sheet: z.enum(sheetIds).nullable(),
    leftoverId: z.string().nullable(),
    /** The letter of the mat a middle is recovered from. */
    from: z.string().nullable(),
    w: ticks,
    h: ticks,
  })
  .meta({ id: 'CutSource' });

export const cutStepSchema = z
  .strictObject({
    line: z.enum(['upright', 'level']),
    fence: ticks,
    parts: z.array(
      z.strictObject({
        part: z.strictObject(rectShape),
        letters: z.array(z.string()),
        lines: z.array(z.strictObject({ x: ticks, y: ticks, length: ticks })),
      }),
    ),
  })
  .meta({ id: 'CutStep' });

/** One way a sheet is cut, from its top left corner, and how many sheets are cut so. */
export const sheetLayoutSchema = z
  .strictObject({
    source: cutSourceSchema,
    times: z.number().int().min(1),
    pieces: z.array(
      z.strictObject({
        ...rectShape,
        /** The letters it is cut for; more than one where sheets of one layout serve several pieces. */
        letters: z.array(z.string()),
        turned: z.boolean(),
        scores: z.array(z.strictObject({ line: z.enum(['upright', 'level']), at: ticks })),
      }),
    ),
    steps: z.array(cutStepSchema),
    leftovers: z.array(z.strictObject({ ...rectShape, isUseful: z.boolean() })),
  })
  .meta({ id: 'SheetLayout' });

/** How one stock is cut. */
export const stockCutsSchema = z
  .strictObject({
    stock: libraryRefSchema,
    name: z.string(),
    colour: z.string(),
    layouts: z.array(sheetLayoutSchema),
    /** New sheets, leftovers not counted. */
    count: z.number().int(),
    /** Fewer are impossible. */
    bound: z.number().int(),
    /** No plan takes less: fewer sheets, or where there are several sizes, less of their cost or area. */
    isLeast: z.boolean(),
    /** The search was ended before it was done. */
    isCutShort: z.boolean(),
    /** What no sheet gives in one piece, and why. */
    impossible: z.array(
      z.strictObject({ letter: z.string(), name: z.string(), why: z.enum(['size', 'trimmer']) }),
    ),
    /** What the sheets there are do not suffice for. */
    short: z.array(z.strictObject({ letter: z.string(), count: z.number().int() })),
    /** The score of the base lies across the grain, since along it no sheet gives the blank. */
    isAcrossGrain: z.boolean(),
  })
  .meta({ id: 'StockCuts' });

/** Every stock of a batch, in the order of the letters it is cut for. */
export const cutPlanSchema = z
  .strictObject({
    copies: z.number().int(),
    stocks: z.array(stockCutsSchema),
    /** Letters of pieces whose stock is not known, which are not planned. */
    unknown: z.array(z.string()),
    /** Names of stocks the search has not come to; empty once it is done. */
    pending: z.array(z.string()),
  })
  .meta({ id: 'CutPlan' });

export type CutSource = Immutable<z.output<typeof cutSourceSchema>>;
export type CutLayout = Immutable<z.output<typeof sheetLayoutSchema>>;
export type StockCuts = Immutable<z.output<typeof stockCutsSchema>>;
export type CutPlan = Immutable<z.output<typeof cutPlanSchema>>;
export type PlannedStep = CutLayout['steps'][number];
