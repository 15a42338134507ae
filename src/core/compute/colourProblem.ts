import { z } from 'zod';
import { contrast } from '../colour/contrast';
import { labOf } from '../colour/lab';
import { seenOver, type Coat } from '../colour/seenOver';
import { bestFamily } from '../inking/bestFamily';
import { meetingOf } from '../inking/blendCheck';
import { colourParts } from '../inking/colourParts';
import { paletteOf } from '../inking/palette';
import { shadeCheck } from '../inking/shadeCheck';
import { wordsContrast } from '../inking/wordsContrast';
import { cardFileSchema } from '../plan/cardFile';
import type { Immutable } from '../plan/ids';
import { colourSchema } from '../plan/items/itemShape';
import { ruleIds } from '../plan/rules';
import { holdsWords } from '../resolve/resolvedMark';
import { computeCard } from './computeCard';
import { coloursRules } from './rules/coloursRules';

const white = '#ffffff';
const share = z.number().min(0).max(1);

/** An ink as it is laid: what it shows on white, how much it hides, and how thick it lies beside an even coat. */
const coatSchema = z
  .strictObject({
    colour: colourSchema,
    opacity: share.default(0),
    thickness: z.number().min(0).max(20).default(1),
  })
  .meta({ id: 'Coat' });

const on = { stock: colourSchema.default(white).meta({ description: 'What they lie on.' }) };

/** Coats that have dried one on the other, the lowest first. */
const layersProblemSchema = z
  .strictObject({ ...on, layers: z.array(coatSchema).min(1).max(20) })
  .meta({ id: 'LayersProblem' });

/** Two inks of a blend that overlap. */
const blendProblemSchema = z
  .strictObject({ ...on, between: z.tuple([coatSchema, coatSchema]) })
  .meta({ id: 'BlendProblem' });

/** Markers one has, a wanted colour, and how many are to shade it. */
const familyProblemSchema = z
  .strictObject({
    ...on,
    markers: z
      .array(
        z.strictObject({
          id: z.string().min(1).max(80),
          colour: colourSchema,
          opacity: share.default(0.05),
        }),
      )
      .min(1)
      .max(1000),
    wanted: colourSchema,
    count: z.number().int().min(1).max(5),
  })
  .meta({ id: 'FamilyProblem' });

const cardColoursSchema = z
  .strictObject({ file: cardFileSchema })
  .meta({ id: 'CardColoursProblem' });

export const colourProblemSchema = z.union([
  cardColoursSchema,
  layersProblemSchema,
  blendProblemSchema,
  familyProblemSchema,
]);
export type ColourProblem = z.output<typeof colourProblemSchema>;

/** The schema of the question a body is meant as, so that what is wrong is told of that one. */
export function colourSchemaFor(body: unknown): z.ZodType {
  if (typeof body !== 'object' || body === null) return layersProblemSchema;
  if ('file' in body) return cardColoursSchema;
  if ('between' in body) return blendProblemSchema;
  return 'markers' in body ? familyProblemSchema : layersProblemSchema;
}

const layersAnswerSchema = z
  .strictObject({
    /** After each layer, the lowest first. */
    seen: z.array(colourSchema),
    /** Of the last, in L*a*b* under D65. */
    lab: z.strictObject({ l: z.number(), a: z.number(), b: z.number() }),
    /** Of the last with what it all lies on; WCAG 2. */
    contrast: z.number(),
  })
  .meta({ id: 'LayersAnswer' });

const blendAnswerSchema = z
  .strictObject({
    colour: colourSchema,
    loss: z.number(),
    isMuddy: z.boolean(),
    step: z.number(),
    isLargeStep: z.boolean(),
  })
  .meta({ id: 'BlendAnswer' });

const familyAnswerSchema = z
  .strictObject({
    /** From light to dark; empty where there are not so many that differ in lightness. */
    ids: z.array(z.string()),
    lightness: z.array(z.number()),
    steps: z.array(z.number()),
    turn: z.number(),
    /** Steps with nothing between, and the colour to buy that would lie in the middle. */
    gaps: z.array(z.strictObject({ from: z.number(), to: z.number(), wish: colourSchema })),
  })
  .meta({ id: 'FamilyAnswer' });

const cardColoursAnswerSchema = z
  .strictObject({
    /** Every colour once: what it comes out of, `null` for a wish. */
    palette: z.array(
      z.strictObject({
        item: z.string().nullable(),
        name: z.string().nullable(),
        colour: colourSchema,
        parts: z.number().int(),
      }),
    ),
    /** Each part as it is seen on its paper, with its contrast to that. */
    parts: z.array(
      z.strictObject({
        of: z.string(),
        part: z.string(),
        colour: colourSchema,
        paper: colourSchema,
        contrast: z.number(),
      }),
    ),
    /** How well words are told from what is really under them, where that is least and on average; WCAG 2. */
    words: z.array(z.strictObject({ of: z.string(), worst: z.number(), average: z.number() })),
    findings: z.array(
      z.strictObject({ rule: z.enum(ruleIds), severity: z.string(), of: z.string() }),
    ),
  })
  .meta({ id: 'CardColoursAnswer' });

export const colourAnswerSchema = z.union([
  cardColoursAnswerSchema,
  layersAnswerSchema,
  blendAnswerSchema,
  familyAnswerSchema,
]);
export type ColourAnswer = Immutable<z.output<typeof colourAnswerSchema>>;

/** Answers a question about colours: a card's, layers on a stock, two inks that meet, or the best family. */
export function solveColour(problem: ColourProblem): ColourAnswer {
  if ('file' in problem) return coloursOfCard(problem);
  const { stock } = problem;
  if ('between' in problem) return meetingOf(stock, ...problem.between);
  if ('markers' in problem) return familyOf(problem);
  const seen = problem.layers.map((_, at) => seenOver(stock, problem.layers.slice(0, at + 1)));
  const top = seen.at(-1) ?? stock;
  const { l, a, b } = labOf(top);
  return { seen, lab: { l, a, b }, contrast: contrast(top, stock) };
}

function familyOf({ stock, markers, wanted, count }: z.output<typeof familyProblemSchema>) {
  const seen = markers.map(({ id, colour, opacity }) => {
    const coat: Coat = { colour, opacity, thickness: 1 };
    return { id, colour: seenOver(stock, [coat]) };
  });
  const colours = bestFamily(seen, wanted, count)?.colours ?? [];
  return { ids: colours.map(({ id }) => id), ...shadeCheck(colours.map(({ colour }) => colour)) };
}

function coloursOfCard({ file }: z.output<typeof cardColoursSchema>): ColourAnswer {
  const { plan, library } = file;
  const { card, findings } = computeCard(plan, library);
  const parts = colourParts(card);
  const rules = new Set<string>(coloursRules.map(({ id }) => id));
  return {
    palette: paletteOf(parts).colours.map(({ item, colour, parts: count }) => ({
      item: item?.id ?? null,
      name: item?.name ?? null,
      colour,
      parts: count,
    })),
    parts: parts.map(({ of, name, paint, ground }) => ({
      of,
      part: name,
      colour: paint.colour,
      paper: ground.colour,
      contrast: contrast(paint.colour, ground.colour),
    })),
    words: card.marks.filter(holdsWords).flatMap((mark) => {
      const read = wordsContrast(card, mark);
      return read ? [{ of: mark.name, worst: read.worst, average: read.average }] : [];
    }),
    findings: findings
      .filter(({ data }) => rules.has(data.rule))
      .map(({ data, severity, subject }) => ({ rule: data.rule, severity, of: subject.name })),
  };
}
