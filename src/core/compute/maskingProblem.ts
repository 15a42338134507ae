import { z } from 'zod';
import { TICKS_PER_MILLIMETRE } from '../length/length';
import { maskCard } from '../masking/maskCard';
import type { MaskHabits } from '../masking/cutMask';
import { masksToCut, withMasks, type MaskedPrints, type PlannedMask } from '../masking/masksToCut';
import { planPaper, type PaperPrints } from '../masking/planPaper';
import { printKinds, type Print, type PrintKind } from '../masking/print';
import { savingMoves } from '../masking/savingMoves';
import { intersectOutlines, subtractOutlines } from '../outline/polygons';
import { actKinds, actReasons } from '../acts/act';
import { cardFileSchema } from '../plan/cardFile';
import type { Side } from '../plan/faces';
import { wordsStampings } from '../plan/planFacts';
import type { Immutable } from '../plan/ids';
import { resolvePlan } from '../resolve/resolvePlan';
import { noResults } from '../findings/finding';
import { outlineSchema, ticksOf, ticksPer, unitShape } from './bareOutlines';
import { maskMoves } from './maskMoves';
import { linesOf, linesSchema, sceneAnswer, sceneAnswerSchema } from './sceneAnswer';

const shapeSchema = z
  .strictObject({
    id: z.string().min(1).max(80),
    kind: z.enum(printKinds).default('outline'),
    outline: outlineSchema,
    /** What is open in it, so that others are seen there. */
    openings: outlineSchema.optional(),
    /** L* of its darkest and of its lightest ink; what is usual for its kind where they are left out. */
    darkest: z.number().min(0).max(100).optional(),
    lightest: z.number().min(0).max(100).optional(),
    opaque: z.boolean().default(false),
    embossed: z.boolean().default(false),
    /** Prints of the same stamp, in the same part, share a mask. */
    stamp: z.string().max(80).optional(),
    /** Steps of one image are not masked from one another. */
    imageOf: z.string().max(80).optional(),
  })
  .meta({ id: 'MaskedShape' });

const positive = z.number().min(0).max(500);

/** Bare shapes on one paper, from front to back. */
const shapesProblemSchema = z
  .strictObject({
    ...unitShape,
    shapes: z
      .array(shapeSchema)
      .min(1)
      .max(300)
      .refine((shapes) => new Set(shapes.map(({ id }) => id)).size === shapes.length, {
        message: 'every shape needs an id of its own',
      })
      .meta({ description: 'From front to back.' }),
    /** Only what lies in it counts; left out, all does. */
    paper: outlineSchema.optional(),
    decisions: z
      .array(
        z.strictObject({
          between: z.tuple([z.string(), z.string()]),
          first: z.string().nullable().meta({ description: 'null where they may cross.' }),
        }),
      )
      .max(2000)
      .default([]),
    acceptsOverlaps: z.boolean().default(false),
    wordsStamped: z.enum(wordsStampings).default('as-listed').meta({
      description: 'Words that meet images, where nothing was decided.',
    }),
    keepsGroundsOff: z.boolean().default(false).meta({
      description: 'Images are covered while grounds are laid round them.',
    }),
    inset: positive.optional().meta({ description: 'How far inside the line; half a millimetre.' }),
    spindly: positive.optional().meta({ description: 'Narrower is left out; 1.5 mm.' }),
    margin: positive
      .optional()
      .meta({ description: 'Of a partial mask beyond the meeting; 3 mm.' }),
    copies: z.number().int().min(1).max(10_000).default(1),
    maskUses: z.number().int().min(1).max(1000).default(15),
    /** Moves that save a mask are looked for in steps of `mark`, up to `most`; left out, none are. */
    moves: z
      .strictObject({ mark: z.number().min(0.01).max(100), most: z.number().min(0.01).max(100) })
      .optional(),
  })
  .meta({ id: 'ShapesProblem' });

const cardMasksSchema = z
  .strictObject({ ...unitShape, file: cardFileSchema, moves: z.boolean().default(true) })
  .meta({ id: 'CardMasksProblem' });

export const maskingProblemSchema = z.union([cardMasksSchema, shapesProblemSchema, cardFileSchema]);
export type MaskingProblem = z.output<typeof maskingProblemSchema>;

/** The schema of the question a body is meant as, so that what is wrong is told of that one. */
export function maskingSchemaFor(body: unknown): z.ZodType {
  if (typeof body !== 'object' || body === null) return shapesProblemSchema;
  if ('format' in body) return cardFileSchema;
  return 'file' in body ? cardMasksSchema : shapesProblemSchema;
}

const paperAnswerShape = {
  meetings: z.array(
    z.strictObject({
      front: z.string(),
      behind: z.string(),
      area: z
        .number()
        .meta({ description: 'Zero where something laid is met and it does not matter.' }),
      /** Which is made first; `null` where they cross. */
      first: z.string().nullable(),
      covered: z.boolean(),
      because: z.enum(actReasons).nullable(),
      /** They cross, since both are too spindly there for a mask. */
      bare: z.boolean(),
    }),
  ),
  /** As they are made. */
  order: z.array(z.string()),
  /** Each waits for the next, and the last for the first. */
  circles: z.array(z.array(z.string())),
  acts: z.array(
    z.strictObject({
      id: z.string(),
      kind: z.enum(actKinds),
      of: z.string(),
      after: z.array(z.strictObject({ act: z.string(), because: z.enum(actReasons) })),
    }),
  ),
  /** The fewest that have to be covered if either of two that meet may be first, be they wide enough for a mask or not. */
  fewest: z.strictObject({
    ids: z.array(z.string()),
    count: z.number().int(),
    bound: z.number().int(),
    proven: z.boolean(),
  }),
};
const masksSchema = z.array(
  z.strictObject({
    letter: z.string(),
    covers: z.array(z.string()),
    partial: z.boolean(),
    outline: linesSchema,
    leftOut: linesSchema,
    cutLength: z.number(),
    minutes: z.number(),
    copies: z.number().int(),
  }),
);
const movesSchema = z.array(
  z.strictObject({
    id: z.string(),
    dx: z.number(),
    dy: z.number(),
    covered: z.number().int().meta({ description: 'So many are covered then.' }),
  }),
);

const shapesAnswerSchema = z
  .strictObject({
    ...paperAnswerShape,
    covered: z.array(z.string()),
    masks: masksSchema,
    moves: movesSchema,
  })
  .meta({ id: 'ShapesMasks' });

const cardMasksAnswerSchema = z
  .strictObject({
    papers: z.array(z.strictObject({ face: z.string(), on: z.string(), ...paperAnswerShape })),
    covered: z.number().int(),
    fewest: z.number().int(),
    proven: z.boolean(),
    /** Papers divided into strips. */
    scenes: z.array(sceneAnswerSchema),
    masks: masksSchema,
    moves: movesSchema,
  })
  .meta({ id: 'CardMasks' });

export const maskingAnswerSchema = z.union([cardMasksAnswerSchema, shapesAnswerSchema]);
export type MaskingAnswer = Immutable<z.output<typeof maskingAnswerSchema>>;

/**
 * What is stamped first, and which masks that takes: of a card file, in millimetres unless asked otherwise, or of bare
 * shapes. The masks are yielded before moves that save one are looked for, which may take long.
 */
export function* solveMasking(problem: MaskingProblem): Generator<MaskingAnswer, MaskingAnswer> {
  if ('format' in problem) return yield* masksOfCard({ file: problem, unit: 'mm', moves: true });
  return 'file' in problem ? yield* masksOfCard(problem) : yield* masksOfShapes(problem);
}

function* masksOfCard({
  file,
  unit,
  moves,
}: z.output<typeof cardMasksSchema>): Generator<MaskingAnswer, MaskingAnswer> {
  const { plan, library } = file;
  const card = resolvePlan(plan, library);
  const masks = maskCard(plan, card);
  const per = ticksPer[unit];
  const answer = {
    papers: masks.papers.map((paper) => ({
      face: paper.face,
      on: paper.support,
      ...paperAnswer(paper, per),
    })),
    covered: masks.covered,
    fewest: masks.fewest,
    proven: masks.isProven,
    scenes: card.scenes.map((scene) => sceneAnswer(scene, per)),
    masks: masks.masks.map((mask) => maskAnswer(mask, per)),
    moves: [],
  };
  if (!moves) return answer;
  yield answer;
  const found = [...maskMoves({ plan, card, library, results: noResults }, masks)];
  return {
    ...answer,
    moves: found.flatMap((move) => {
      if (!move) return [];
      const { piece, remedy, left } = move;
      const along = (near: Side, far: Side) =>
        remedy.by.reduce(
          (sum, { side, distance }) =>
            sum + (side === far ? distance : side === near ? -distance : 0),
          0,
        ) / per;
      return [{ id: piece, dx: along('left', 'right'), dy: along('top', 'bottom'), covered: left }];
    }),
  };
}

/** Half a millimetre inside the line, common practice; the others from memory, as in the house habits. */
const usual = { inset: 0.5, spindly: 1.5, margin: 3 } as const;

function* masksOfShapes(
  problem: z.output<typeof shapesProblemSchema>,
): Generator<MaskingAnswer, MaskingAnswer> {
  const { unit, shapes, paper, decisions, moves } = problem;
  const per = ticksPer[unit];
  const habit = (own: number | undefined, millimetres: number) =>
    own === undefined ? millimetres * TICKS_PER_MILLIMETRE : Math.round(own * per);
  const habits: MaskHabits = {
    inset: habit(problem.inset, usual.inset),
    spindly: habit(problem.spindly, usual.spindly),
    margin: habit(problem.margin, usual.margin),
  };
  const clip = paper && ticksOf(paper, per);
  const asked: PaperPrints = {
    prints: shapes.map((shape) => printOf(shape, per)).toReversed(),
    clip: (outline) => (clip ? intersectOutlines(outline, clip) : outline),
    decisions,
    school: problem,
    habits,
  };
  const bare = planPaper(asked);
  const masks = masksToCut([bare], habits, problem.copies, problem.maskUses);
  const plan = withMasks(bare, masks);
  const answer = {
    ...paperAnswer(plan, per),
    covered: plan.covered.map(({ print }) => print.id),
    masks: masks.map((mask) => maskAnswer(mask, per)),
    moves: [],
  };
  if (!moves) return answer;
  yield answer;
  const reach = { mark: Math.round(moves.mark * per), most: Math.round(moves.most * per) };
  return {
    ...answer,
    moves: savingMoves(asked, reach).map(({ id, dx, dy, covered }) => ({
      ...{ id, covered },
      ...{ dx: dx / per, dy: dy / per },
    })),
  };
}

function paperAnswer(
  { meetings, order, circles, acts, fewestOfAll: fewest }: MaskedPrints,
  per: number,
): Pick<Immutable<z.output<typeof shapesAnswerSchema>>, keyof typeof paperAnswerShape> {
  return {
    meetings: meetings.map(({ front, behind, area, relation, isBare }) => ({
      front: front.id,
      behind: behind.id,
      area: area / per ** 2,
      first: relation?.first.id ?? null,
      covered: relation?.isCovered ?? false,
      because: relation?.because ?? null,
      bare: isBare,
    })),
    order: order.map(({ id }) => id),
    circles: circles.map((circle) => circle.map(({ id }) => id)),
    acts: acts.map(({ id, kind, piece, after }) => ({ id, kind, of: piece, after })),
    fewest: {
      ids: fewest.ids,
      count: fewest.ids.length,
      bound: fewest.bound,
      proven: fewest.isProven,
    },
  };
}

function maskAnswer({ letter, covers, copies }: PlannedMask, per: number) {
  const [{ mask }] = covers;
  return {
    letter,
    covers: covers.map(({ print }) => print.id),
    partial: mask.isPartial,
    outline: linesOf(mask.cut, per),
    leftOut: linesOf(mask.leftOut, per),
    cutLength: mask.cutLength / per,
    minutes: mask.minutes,
    copies,
  };
}

/** L* of usual inks for each kind, from memory. */
const usualLightness: Readonly<Record<PrintKind, readonly [darkest: number, lightest: number]>> = {
  outline: [10, 10],
  solid: [40, 40],
  words: [10, 10],
  texture: [85, 85],
  background: [50, 50],
  ground: [80, 90],
  'late ground': [80, 90],
};

function printOf(shape: z.output<typeof shapeSchema>, per: number): Print {
  const { id, kind, outline, openings, stamp, imageOf } = shape;
  const [darkest, lightest] = usualLightness[kind];
  const silhouette = ticksOf(outline, per);
  const body = openings ? subtractOutlines(silhouette, ticksOf(openings, per)) : silhouette;
  const dark = shape.darkest ?? Math.min(darkest, shape.lightest ?? 100);
  return {
    id,
    kind,
    body,
    reach: body,
    darkest: dark,
    lightest: shape.lightest ?? Math.max(lightest, dark),
    isOpaque: shape.opaque,
    resists: shape.embossed,
    tape: undefined,
    shape: undefined,
    stamp,
    imageOf,
  };
}
