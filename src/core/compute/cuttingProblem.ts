import { z } from 'zod';
import { cutPlanSchema } from '../cutting/cutPlan';
import { cardFileSchema } from '../plan/cardFile';
import type { Immutable } from '../plan/ids';
import { holdingSchema } from '../stash/holding';

/** Pieces in all that one request may ask for, and items of a value problem. */
export const mostPieces = 50_000;
export const mostKinds = 200;
const longestSeconds = 60;

const side = z.number().int().min(1).max(100_000_000);
const limits = {
  /** For the order in which quick fillings are tried. */
  seed: z.number().int().min(0).max(4_294_967_295).default(1),
  /** The search is ended after so long, and the answer says so. */
  timeLimitSeconds: z.number().positive().max(longestSeconds).default(10),
  /** A request for more pieces than this is refused. */
  mostPieces: z.number().int().min(1).max(mostPieces).default(mostPieces),
};

const sheetSchema = z.object({
  id: z.string().max(40).optional(),
  w: side,
  h: side,
  /** How many there are; without it there is no limit. */
  count: z.number().int().min(0).optional(),
  /** What one costs, by any measure; without it its area. */
  cost: z.number().positive().optional(),
});

/** A card file, cut from the sheets its stocks come in, or from what is said to be in a stash. */
export const cardProblemSchema = z
  .object({
    file: cardFileSchema,
    copies: z.number().int().min(1).max(10_000).optional(),
    holdings: z.array(holdingSchema).max(2000).default([]),
    ...limits,
  })
  .meta({ id: 'CardCuttingProblem' });

/** Pieces and sheets without a card; what else the object holds is left alone. */
export const batchProblemSchema = z
  .object({
    unit: z.string().max(20).default('ticks'),
    sheet: sheetSchema.optional(),
    sheets: z.array(sheetSchema).min(1).max(50).optional(),
    pieces: z
      .array(
        z.object({
          id: z.string().max(40),
          w: side,
          h: side,
          copies: z.number().int().min(1),
          mayTurn: z.boolean().default(true),
        }),
      )
      .min(1)
      .max(mostKinds)
      .refine((pieces) => new Set(pieces.map(({ id }) => id)).size === pieces.length, {
        message: 'every piece needs an id of its own',
      }),
    /** What a cut takes away. */
    kerf: z.number().int().min(0).max(1_000_000).default(0),
    /** The longest cut; without it there is none too long. */
    longestCut: side.optional(),
    ...limits,
  })
  .refine(({ sheet, sheets }) => (sheet === undefined) !== (sheets === undefined), {
    message: 'give either sheet or sheets',
    path: ['sheet'],
  })
  .meta({ id: 'BatchCuttingProblem' });

/** The items worth most from one sheet, edge to edge. */
export const valueProblemSchema = z
  .object({
    sheet: z.object({ w: side, h: side }),
    items: z
      .array(
        z.object({
          w: side,
          h: side,
          value: z.number().min(0).max(1e12),
          /** How many there are; without it there is no limit. */
          copies: z.number().int().min(0).optional(),
        }),
      )
      .min(1)
      .max(mostKinds),
    rotation: z.boolean().default(false),
    ...limits,
  })
  .meta({ id: 'SheetValueProblem' });

/** The three kinds of problem; which one it is can be told by its keys. */
export const cuttingProblemSchema = z.union([
  cardProblemSchema,
  batchProblemSchema,
  valueProblemSchema,
]);

/** The schema a body is meant for, so that what is wrong is told of that one. */
export function cuttingSchemaFor(body: unknown) {
  const has = (key: string) => typeof body === 'object' && body !== null && key in body;
  if (has('file')) return cardProblemSchema;
  return has('items') ? valueProblemSchema : batchProblemSchema;
}

const rect = { x: z.number(), y: z.number(), w: z.number(), h: z.number() };
const placed = z.object({ ...rect, id: z.string(), turned: z.boolean() });

export const batchAnswerSchema = z
  .object({
    kind: z.literal('batch'),
    unit: z.string(),
    /** Sheets used; those of limited count are counted like the others. */
    sheets: z.number().int(),
    /** Fewer are impossible. */
    bound: z.number().int(),
    isProven: z.boolean(),
    /** The time limit ended the search. */
    isCutShort: z.boolean(),
    /** How often the fence is set. */
    fenceSettings: z.number().int(),
    layouts: z.array(
      z.object({
        sheet: z.object({ id: z.string(), w: z.number(), h: z.number() }),
        times: z.number().int(),
        pieces: z.array(placed),
        steps: z.array(
          z.object({
            line: z.enum(['upright', 'level']),
            fence: z.number(),
            cuts: z.array(z.object({ x: z.number(), y: z.number(), length: z.number() })),
          }),
        ),
        leftovers: z.array(z.object(rect)),
      }),
    ),
    /** Ids of pieces no sheet gives in one piece. */
    impossible: z.array(z.string()),
    /** What the sheets do not suffice for. */
    short: z.array(z.object({ id: z.string(), count: z.number().int() })),
  })
  .meta({ id: 'BatchCuttingAnswer' });

export const valueAnswerSchema = z
  .object({
    kind: z.literal('value'),
    value: z.number(),
    bound: z.number(),
    isProven: z.boolean(),
    isCutShort: z.boolean(),
    /** By number of the item, from 0. */
    pieces: z.array(z.object({ ...rect, item: z.number().int(), turned: z.boolean() })),
  })
  .meta({ id: 'SheetValueAnswer' });

export const cardAnswerSchema = z
  .object({ kind: z.literal('card'), isCutShort: z.boolean(), plan: cutPlanSchema })
  .meta({ id: 'CardCuttingAnswer' });

export const cuttingAnswerSchema = z.union([
  cardAnswerSchema,
  batchAnswerSchema,
  valueAnswerSchema,
]);

export type CardProblem = z.output<typeof cardProblemSchema>;
export type BatchProblem = z.output<typeof batchProblemSchema>;
export type ValueProblem = z.output<typeof valueProblemSchema>;
export type CuttingProblem = CardProblem | BatchProblem | ValueProblem;
export type CuttingAnswer = Immutable<z.output<typeof cuttingAnswerSchema>>;

/** Pieces of a batch that one sheet may have to hold; more is no cutting but counting. */
export const mostPiecesOnSheet = 1000;

/** How many of the pieces of a batch have room on one sheet, by their area; of other problems nothing is told. */
export function mostOnSheet(problem: CuttingProblem): number {
  if (!('pieces' in problem)) return 0;
  const sheets = problem.sheets ?? (problem.sheet ? [problem.sheet] : []);
  let room = Math.max(...sheets.map(({ w, h }) => w * h));
  let most = 0;
  for (const { w, h, copies } of problem.pieces.toSorted((a, b) => a.w * a.h - b.w * b.h)) {
    const count = Math.min(copies, Math.floor(room / (w * h)));
    most += count;
    room -= count * w * h;
  }
  return most;
}

/**
 * Pieces a problem asks for in all; of a value problem, its items.
 * @example piecesAsked(batch) // 1200
 */
export function piecesAsked(problem: CuttingProblem): number {
  if ('pieces' in problem) return problem.pieces.reduce((sum, { copies }) => sum + copies, 0);
  if ('items' in problem) return problem.items.length;
  const { plan } = problem.file;
  return (plan.pieces.length + 1) * (problem.copies ?? plan.making.copies);
}
