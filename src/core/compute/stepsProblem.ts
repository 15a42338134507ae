import { z } from 'zod';
import { cardFileSchema } from '../plan/cardFile';
import { eveningsSchema } from '../plan/evenings';
import type { Immutable } from '../plan/ids';
import { aheadSchema } from '../process/ahead';
import { usualEvenings } from '../plan/usualEvenings';
import { stepKinds, workPlaces } from '../plan/workFacts';
import { cautions, type Spread } from '../process/step';
import { directArrows } from '../process/directArrows';
import { lagOf } from '../process/arrow';
import { stepWords } from '../process/stepWords';
import { reasonWords } from '../prose/reasonWords';
import { resolvePlan } from '../resolve/resolvePlan';
import { runRules } from '../findings/runRules';
import { noResults } from '../findings/finding';
import { processCard } from './processCard';
import { stepsRules } from './rules/stepsRules';
import type { SearchTime } from './solveCutting';

const cardStepsSchema = z
  .strictObject({
    file: cardFileSchema,
    start: z.iso
      .datetime({ offset: true })
      .default('2027-01-04T08:00:00Z')
      .meta({ description: 'The moment one begins; left out, Monday 4 January 2027.' }),
    evenings: eveningsSchema.optional().meta({
      description: 'Of the card, where it has none: left out, Monday to Friday 19:00 to 21:00 UTC.',
    }),
    copies: z.number().int().min(1).max(10_000).optional(),
    ahead: z
      .array(aheadSchema.pick({ step: true, count: true }))
      .max(200)
      .optional()
      .meta({ description: 'So many copies that are made as far as a step, by its id.' }),
    timeLimitSeconds: z.number().positive().max(60).default(10),
  })
  .meta({ id: 'CardStepsProblem' });

export const stepsProblemSchema = z.union([cardStepsSchema, cardFileSchema]);
export type StepsProblem = Immutable<z.output<typeof stepsProblemSchema>>;

/** The schema of the question a body is meant as, so that what is wrong is told of that one. */
export function stepsSchemaFor(body: unknown): z.ZodType {
  return typeof body === 'object' && body !== null && 'format' in body
    ? cardFileSchema
    : cardStepsSchema;
}

const spreadSchema = z
  .strictObject({ quick: z.number(), usual: z.number(), slow: z.number() })
  .meta({ description: 'Minutes.' });
const placedShape = {
  start: z
    .string()
    .nullable()
    .meta({ description: 'As a date and time, UTC; null where unplanned.' }),
  end: z.string().nullable(),
};

export const stepsAnswerSchema = z
  .strictObject({
    steps: z.array(
      z.strictObject({
        id: z.string(),
        kind: z.enum(stepKinds),
        words: z.string(),
        pieces: z.array(z.string()),
        things: z.array(z.string()),
        place: z.enum(workPlaces),
        minutes: spreadSchema,
        drying: spreadSchema,
        mayPause: z.boolean(),
        cautions: z.array(z.enum(cautions)),
        ...placedShape,
      }),
    ),
    arrows: z.array(
      z.strictObject({
        before: z.string(),
        then: z.string(),
        because: z.string(),
        waitMinutes: z.number(),
      }),
    ),
    order: z.strictObject({ changes: z.number(), bound: z.number(), isProven: z.boolean() }),
    fallen: z.array(z.string()).meta({
      description: 'Ids of steps that need not be done, as all copies are ahead of them.',
    }),
    findings: z.array(
      z.strictObject({
        rule: z.string(),
        severity: z.enum(['stop', 'look', 'habit']),
        step: z.string(),
      }),
    ),
    schedule: z
      .strictObject({
        end: z.string(),
        bound: z.string(),
        isProven: z.boolean(),
        evenings: z.number(),
        leastEvenings: z.number(),
        minutesLeft: z.number(),
        slowest: z.array(
          z.strictObject({ before: z.string(), then: z.string(), shortMinutes: z.number() }),
        ),
      })
      .nullable(),
    batch: z
      .strictObject({
        copies: z.number(),
        evenings: z.number().nullable(),
        perEvening: z.number(),
        stages: z.array(
          z.strictObject({
            id: z.string(),
            steps: z.array(z.string()),
            setUpMinutes: z.number(),
            eachMinutes: z.number(),
            allMinutes: z.number(),
            ...placedShape,
          }),
        ),
      })
      .nullable(),
  })
  .meta({ id: 'StepsAnswer' });
export type StepsAnswer = Immutable<z.output<typeof stepsAnswerSchema>>;

/** The steps of a card in order, what is found of that, and the evenings they are laid into. */
export function solveSteps(
  problem: StepsProblem,
  { isOver }: Pick<SearchTime, 'isOver'>,
): StepsAnswer {
  const {
    file,
    start,
    evenings,
    copies,
    ahead = [],
  } = 'format' in problem ? { ...nothingAsked, file: problem } : problem;
  const plan =
    copies === undefined ? file.plan : { ...file.plan, making: { ...file.plan.making, copies } };
  const card = resolvePlan(plan, file.library);
  const time = {
    ...{ start: Date.parse(start), evenings: evenings ?? usualEvenings('UTC') },
    ahead: ahead.map((each) => ({ ...each, name: each.step })),
  };
  const process = processCard(plan, card, time, { isOver });
  const findings = runRules(stepsRules, {
    ...{ plan, card, library: file.library },
    results: { ...noResults, process },
  });
  const byId = new Map(process.steps.map((step) => [step.id, step]));
  const { work, batch } = process;
  const placed = new Map(work.ok ? work.plan.planned.map((each) => [each.step, each]) : []);
  return {
    steps: process.steps.map((step) => ({
      ...{ id: step.id, kind: step.kind, words: stepWords(step, card) },
      ...{ pieces: [...step.pieces], things: [...step.things], place: step.place },
      ...{ minutes: plain(step.minutes), drying: plain(step.drying), mayPause: step.mayPause },
      ...{ cautions: [...step.cautions], ...momentsOf(placed.get(step.id)) },
    })),
    arrows: directArrows(process.arrows).flatMap((arrow) => {
      const step = byId.get(arrow.before);
      if (!step) return [];
      const { before, then, because } = arrow;
      return [
        { before, then, because: reasonWords[because], waitMinutes: lagOf(arrow, step).usual },
      ];
    }),
    order: {
      changes: process.changes.count,
      bound: process.changes.bound,
      isProven: process.changes.isProven,
    },
    fallen: process.fallen.map(({ id }) => id),
    findings: findings.map(({ data, severity, subject }) => ({
      rule: data.rule,
      severity,
      step: 'id' in subject ? subject.id : 'card',
    })),
    schedule: work.ok
      ? {
          end: moment(work.plan.end),
          bound: moment(work.plan.bound),
          isProven: work.plan.isProven,
          evenings: work.plan.sessions.length,
          leastEvenings: work.plan.leastSessions,
          minutesLeft: work.plan.left,
          slowest: work.plan.tight.map(({ before, then, short }) => ({
            ...{ before, then, shortMinutes: short },
          })),
        }
      : null,
    batch: batch
      ? {
          copies: batch.copies,
          evenings: batch.work.ok ? batch.work.plan.sessions.length : null,
          perEvening: batch.perEvening,
          stages: batch.stages.map(({ step, steps, setUp, each }) => ({
            ...{ id: step.id, steps: steps.map(({ id }) => id) },
            ...{ setUpMinutes: setUp, eachMinutes: each, allMinutes: step.minutes.usual },
            ...momentsOf(
              batch.work.ok
                ? batch.work.plan.planned.find((planned) => planned.step === step.id)
                : undefined,
            ),
          })),
        }
      : null,
  };
}

/** Of a card file by itself. */
const nothingAsked = {
  ...{ start: '2027-01-04T08:00:00Z', evenings: undefined },
  ...{ copies: undefined, ahead: undefined },
};

const plain = ({ quick, usual, slow }: Spread) => ({ quick, usual, slow });
const moment = (at: number) => new Date(at).toISOString();

function momentsOf(placed: { readonly start: number; readonly end: number } | undefined) {
  return { start: placed ? moment(placed.start) : null, end: placed ? moment(placed.end) : null };
}
