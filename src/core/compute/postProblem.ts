import { z } from 'zod';
import { lengthFromTicks, type Size } from '../length/length';
import { corners } from '../outline/outline';
import { cardFileSchema } from '../plan/cardFile';
import { faceIds } from '../plan/faces';
import type { Immutable } from '../plan/ids';
import { mailClassIds, mailSchemeIds, type MailSchemeId } from '../plan/planFacts';
import { cardBox, fits, roomIn, type RoomLeft } from '../post/envelopeFor';
import { heightAreas } from '../post/heightAreas';
import { heightMap } from '../post/heightMap';
import { judgeMail, type JudgedScheme, type MailPiece, type Verdict } from '../post/mail/judge';
import { mailMeasures } from '../post/mail/mailScheme';
import { mailSchemes } from '../post/mail/mailSchemes';
import { peaksOf } from '../post/peaks';
import { closedSize, postPlan, type PostPlan } from '../post/postPlan';
import { settleStack } from '../post/settleStack';
import { unevennessOf } from '../post/unevenness';
import { resolvePlan } from '../resolve/resolvePlan';
import { holdingSchema } from '../stash/holding';
import { bendsOver, usualUneven } from '../tolerances';
import { outlineSchema, ticksOf, ticksPer, unitShape } from './bareOutlines';
import { linesOf, linesSchema } from './sceneAnswer';

const schemesSchema = z
  .array(z.enum(mailSchemeIds))
  .min(1)
  .max(mailSchemeIds.length)
  .default([...mailSchemeIds]);

const cardPostSchema = z
  .strictObject({
    ...unitShape,
    file: cardFileSchema,
    schemes: schemesSchema,
    holdings: z
      .array(holdingSchema)
      .max(5000)
      .default([])
      .meta({ description: 'How many there are of the envelopes in the library of the file.' }),
  })
  .meta({ id: 'CardPostProblem' });

const side = z.number().min(0.01).max(5000);
const thickness = z.number().min(0).max(500);

const plateSchema = z
  .strictObject({
    id: z.string().min(1).max(80),
    name: z.string().max(80).optional(),
    face: z.enum(faceIds).default('front'),
    outline: outlineSchema,
    caliper: thickness,
    /** The plate it is stuck to; left out, the face. One told before it. */
    on: z.string().max(80).optional(),
    lift: thickness.default(0).meta({ description: 'How far what holds it lifts it off that.' }),
    /** What lifts it, by name; left out, air. */
    held: z.string().max(80).optional(),
  })
  .meta({ id: 'PostedPlate' });

/** A bare stack: what lies on the faces of a closed card seen from its front, in the order it is put on. */
const stackPostSchema = z
  .strictObject({
    ...unitShape,
    face: z.strictObject({ width: side, height: side }),
    caliper: thickness.meta({ description: 'Of the base.' }),
    leaves: z.union([z.literal(1), z.literal(2)]).default(2),
    plates: z
      .array(plateSchema)
      .max(500)
      .refine((plates) => new Set(plates.map(({ id }) => id)).size === plates.length, {
        message: 'every plate needs an id of its own',
      })
      .refine(
        (plates) =>
          plates.every(
            ({ on, face }, at) =>
              on === undefined ||
              plates.slice(0, at).some((each) => each.id === on && each.face === face),
          ),
        { message: 'a plate is stuck to the face, or to one told before it on the same face' },
      ),
    bendsOver: thickness
      .optional()
      .meta({ description: 'A step so high raises nothing that crosses it; 0.7 mm.' }),
    unevenBy: thickness
      .optional()
      .meta({ description: 'Uneven where the highest is so much above half of it; 1.6 mm.' }),
    grams: z.number().min(0).max(100_000).default(0).meta({ description: 'Without envelope.' }),
    envelope: z
      .strictObject({
        width: side,
        height: side,
        caliper: thickness,
        grams: z.number().min(0).max(1000),
        /** What it is larger than card and height together. */
        room: thickness.default(0),
      })
      .optional(),
    schemes: schemesSchema,
  })
  .meta({ id: 'StackPostProblem' });

export const postProblemSchema = z.union([cardPostSchema, stackPostSchema, cardFileSchema]);
export type PostProblem = Immutable<z.output<typeof postProblemSchema>>;

/** The schema of the question a body is meant as, so that what is wrong is told of that one. */
export function postSchemaFor(body: unknown): z.ZodType {
  if (typeof body !== 'object' || body === null) return stackPostSchema;
  if ('format' in body) return cardFileSchema;
  return 'file' in body ? cardPostSchema : stackPostSchema;
}

const verdictSchema = z.strictObject({
  measure: z.enum(mailMeasures),
  /** A limit that is not known is no pass. */
  side: z.enum(['least', 'most', 'not-known']),
  limit: z.number().nullable().meta({ description: 'A length, grams, or longer by shorter side.' }),
  margin: z.number().nullable().meta({ description: 'What is left, negative where it is beyond.' }),
});

export const postAnswerSchema = z
  .strictObject({
    height: z.number().meta({ description: 'Of the closed card at its highest point.' }),
    gap: z.number().meta({ description: 'How far the leaves stand apart.' }),
    peaks: z.array(
      z.strictObject({
        x: z.number(),
        y: z.number(),
        top: z.string().nullable(),
        layers: z.array(
          z.strictObject({
            kind: z.enum(['plate', 'leaf', 'held', 'air']),
            name: z.string().nullable(),
            of: z.string().nullable(),
            height: z.number(),
          }),
        ),
      }),
    ),
    areas: z.array(z.strictObject({ height: z.number(), outline: linesSchema, area: z.number() })),
    bends: z.array(z.strictObject({ plate: z.string(), over: z.string(), by: z.number() })),
    uneven: z.strictObject({
      middle: z.number().meta({ description: 'Half of the card is no higher.' }),
      by: z.number(),
    }),
    weight: z.strictObject({
      grams: z.number(),
      tolerance: z.number(),
      rows: z.array(z.strictObject({ part: z.string(), name: z.string(), grams: z.number() })),
    }),
    envelope: z
      .strictObject({
        name: z.string(),
        width: z.number(),
        height: z.number(),
        /** Room left along and across; negative where it does not fit. */
        along: z.number(),
        across: z.number(),
        fits: z.boolean(),
      })
      .nullable(),
    mail: z.array(
      z.strictObject({
        scheme: z.enum(mailSchemeIds),
        name: z.string(),
        source: z.string(),
        asOf: z.string(),
        cheapest: z.enum(mailClassIds).nullable(),
        classes: z.array(
          z.strictObject({
            id: z.enum(mailClassIds),
            name: z.string(),
            stands: z.enum(['within', 'unsure', 'beyond']),
            verdicts: z.array(verdictSchema),
          }),
        ),
      }),
    ),
  })
  .meta({ id: 'PostAnswer' });
export type PostAnswer = Immutable<z.output<typeof postAnswerSchema>>;

/** How high and heavy, which envelope, and which classes of mail: of a card file, or of a bare stack. */
export function solvePost(problem: PostProblem): PostAnswer {
  if ('format' in problem)
    return postOfCard({ file: problem, unit: 'mm', schemes: [...mailSchemeIds], holdings: [] });
  return 'file' in problem ? postOfCard(problem) : postOfStack(problem);
}

function postOfCard({
  file: { plan, library },
  unit,
  schemes,
  holdings,
}: Immutable<z.output<typeof cardPostSchema>>): PostAnswer {
  const post = postPlan(plan, resolvePlan(plan, library), library, holdings);
  const per = ticksPer[unit];
  const { grams, tolerance, rows } = post.weight;
  const { chosen } = post.envelopes;
  return {
    ...heightAnswer(post, per),
    weight: {
      grams,
      tolerance,
      rows: rows.map((row) => ({ part: row.part, name: row.name, grams: row.grams })),
    },
    envelope:
      (chosen && envelopeAnswer(chosen.envelope.name, chosen.envelope.size, chosen, per)) ?? null,
    mail: mailAnswer(post.schemes, schemes, per),
  };
}

function postOfStack(problem: Immutable<z.output<typeof stackPostSchema>>): PostAnswer {
  const { unit, face, plates, leaves, grams, envelope, schemes } = problem;
  const per = ticksPer[unit];
  const length = (value: number) => lengthFromTicks(Math.round(value * per));
  const map = heightMap(
    settleStack(
      {
        face: [corners({ x: 0, y: 0, width: length(face.width), height: length(face.height) })],
        leaves,
        caliper: length(problem.caliper),
        plates: plates.map((plate) => ({
          id: plate.id,
          name: plate.name ?? plate.id,
          face: plate.face,
          outline: ticksOf(plate.outline, per),
          caliper: length(plate.caliper),
          on: plate.on,
          lift: length(plate.lift),
          held: plate.held,
        })),
      },
      problem.bendsOver === undefined ? bendsOver : length(problem.bendsOver),
    ),
  );
  const card = cardBox(map);
  const closed = envelope && {
    size: {
      width: length(Math.max(envelope.width, envelope.height)),
      height: length(Math.min(envelope.width, envelope.height)),
    },
    caliper: length(envelope.caliper),
  };
  const left = envelope && closed && roomIn(card, closed.size, length(envelope.room));
  const unevenness = unevennessOf(map);
  const piece: MailPiece = {
    ...closedSize(card, closed),
    grams: grams + (envelope?.grams ?? 0),
    uneven: unevenness.by,
    unevenBy: problem.unevenBy === undefined ? usualUneven : length(problem.unevenBy),
  };
  return {
    ...heightAnswer({ map, unevenness, peaks: peaksOf(map) }, per),
    weight: { grams: piece.grams, tolerance: 0, rows: [] },
    envelope: closed && left ? envelopeAnswer('envelope', closed.size, left, per) : null,
    mail: mailAnswer(
      mailSchemes.map((scheme) => judgeMail(scheme, piece)),
      schemes,
      per,
    ),
  };
}

function heightAnswer(
  { map, peaks, unevenness: { by, middle } }: Pick<PostPlan, 'map' | 'peaks' | 'unevenness'>,
  per: number,
) {
  return {
    height: map.highest / per,
    gap: map.gap / per,
    peaks: peaks.map(({ at, top, layers }) => ({
      x: at.x / per,
      y: at.y / per,
      top: top ?? null,
      layers: layers.map(({ kind, name, plate, height }) => ({
        kind,
        name: name ?? null,
        of: plate ?? null,
        height: height / per,
      })),
    })),
    areas: heightAreas(map).map(({ height, outline, area }) => ({
      height: height / per,
      outline: linesOf(outline, per),
      area: area / per ** 2,
    })),
    bends: map.bends.map(({ plate, over, by: step }) => ({ plate, over, by: step / per })),
    uneven: { middle: middle / per, by: by / per },
  };
}

function envelopeAnswer(
  name: string,
  size: Size,
  left: RoomLeft,
  per: number,
): PostAnswer['envelope'] {
  return {
    name,
    width: size.width / per,
    height: size.height / per,
    along: left.long / per,
    across: left.short / per,
    fits: fits(left),
  };
}

function mailAnswer(
  judged: readonly JudgedScheme[],
  asked: readonly MailSchemeId[],
  per: number,
): PostAnswer['mail'] {
  return judged
    .filter(({ of }) => asked.includes(of.id))
    .map(({ of, cheapest, classes }) => ({
      ...{ scheme: of.id, name: of.name, source: of.source, asOf: of.asOf },
      cheapest: cheapest?.of.id ?? null,
      classes: classes.map(({ of: { id, name }, stands, verdicts }) => ({
        ...{ id, name, stands },
        verdicts: verdicts.map((verdict) => verdictAnswer(verdict, per)),
      })),
    }));
}

function verdictAnswer(verdict: Verdict, per: number) {
  const { measure, side: of } = verdict;
  if ('marginGrams' in verdict)
    return { measure, side: of, limit: verdict.limitGrams, margin: verdict.marginGrams };
  if ('isWithin' in verdict) {
    const limit = verdict.limit[0] / verdict.limit[1];
    const margin = verdict.side === 'least' ? verdict.ratio - limit : limit - verdict.ratio;
    return { measure, side: of, limit, margin };
  }
  if ('margin' in verdict)
    return { measure, side: of, limit: verdict.limit / per, margin: verdict.margin / per };
  return { measure, side: of, limit: null, margin: null };
}
