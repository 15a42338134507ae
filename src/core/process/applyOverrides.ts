import { overrideId } from '../plan/collections';
import type { Override } from '../plan/override';
import type { Arrow } from './arrow';
import type { RuledArrow } from './ruledArrows';
import { noTime, stepId, type Step } from './step';
import { times } from './stepTimes';

/** That a designer wants one step before another. */
export interface Insisted extends Arrow {
  /** The id of the override. */
  readonly by: string;
}

/** The steps and arrows of a card as its designer wants them. */
export interface DecidedSteps {
  readonly steps: readonly Step[];
  readonly arrows: readonly RuledArrow[];
  readonly insisted: readonly Insisted[];
  /** Left out, though they follow from the plan. */
  readonly skipped: readonly Step[];
  /** Overrides of steps there are no more. */
  readonly lost: readonly Override[];
}

/**
 * What a designer decided of steps, put in the place of what follows from the plan.
 * @param fallen steps that are made ahead; what was decided of them stands for when they are not
 */
export function applyOverrides(
  derived: readonly Step[],
  ruled: readonly RuledArrow[],
  overrides: readonly Override[],
  fallen: readonly Step[] = [],
): DecidedSteps {
  const known = new Set([...derived, ...fallen].map(({ id }) => id));
  for (const override of overrides) if (override.kind === 'add') known.add(addedId(override.id));
  const lost = overrides.filter(
    (override) =>
      (override.kind !== 'add' && !known.has(override.step)) ||
      (override.kind === 'before' && !known.has(override.then)) ||
      (override.kind === 'add' && override.after !== null && !known.has(override.after)),
  );
  const kept = overrides.filter((override) => override.kind === 'add' || !lost.includes(override));
  const of = <Kind extends Override['kind']>(kind: Kind) =>
    kept.filter((each): each is Extract<Override, { kind: Kind }> => each.kind === kind);
  const skips = new Set(of('skip').map(({ step }) => step));
  const words = new Map(of('reword').map((each) => [each.step, each.words]));
  const minutes = new Map(of('minutes').map((each) => [each.step, each]));
  const splits = new Map(of('split').map((each) => [each.step, each.minutes]));
  const own = [...derived, ...of('add').map(addedStep)];
  const steps = own
    .filter(({ id }) => !skips.has(id))
    .map((step) => withMinutes(step, minutes.get(step.id)))
    .map((step) => withWords(step, words.get(step.id)))
    .flatMap((step) => split(step, splits.get(step.id)));
  const parts = new Set(steps.map(({ id }) => id));
  const lastOf = (id: string) => (parts.has(secondId(id)) ? secondId(id) : id);
  const arrows = [
    ...bridged(ruled, skips).map((arrow) => ({ ...arrow, before: lastOf(arrow.before) })),
    ...[...splits.keys()]
      .filter((id) => parts.has(secondId(id)))
      .map((id) => ruledArrow(id, secondId(id), 'one-by-one')),
    ...of('add').flatMap(({ id, after }) =>
      after !== null && parts.has(after) ? [ruledArrow(lastOf(after), addedId(id), 'own')] : [],
    ),
  ];
  return {
    steps,
    arrows,
    insisted: of('before')
      .filter(({ step, then }) => parts.has(step) && parts.has(then))
      .map((each) => ({
        ...{ before: lastOf(each.step), then: each.then, because: 'insisted' },
        ...{ wait: each.waits ? 'dry' : 'none', by: overrideId(each) },
      })),
    skipped: own.filter(({ id }) => skips.has(id)),
    lost,
  };
}

/** As a step of the designer's own is known. */
export function addedId(id: string): string {
  return stepId('own', id);
}

const second = ', second part';

function secondId(id: string): string {
  return `${id}${second}`;
}

/** Whether a step is the second part of one that is done in two. */
export function isSecondPart({ id }: Pick<Step, 'id'>): boolean {
  return id.endsWith(second);
}

function ruledArrow(before: string, then: string, rule: string): RuledArrow {
  return { before, then, because: 'insisted', wait: 'none', rule, weight: 'stop' };
}

function addedStep({
  id,
  words,
  place,
  minutes,
  drying,
}: Extract<Override, { kind: 'add' }>): Step {
  return {
    ...{ id: addedId(id), kind: 'own', words, pieces: [], medium: '', things: [] },
    ...{ on: undefined, place, setup: {}, mayPause: true, cautions: [], act: undefined },
    minutes: { quick: minutes, usual: minutes, slow: minutes },
    drying: { quick: drying, usual: drying, slow: drying },
  };
}

function withMinutes(
  step: Step,
  override: Extract<Override, { kind: 'minutes' }> | undefined,
): Step {
  if (!override) return step;
  const { minutes, drying } = override;
  return {
    ...step,
    minutes: minutes === null ? step.minutes : spreadAround(step.minutes, minutes),
    drying: drying === null ? step.drying : spreadAround(step.drying, drying),
  };
}

/** As quick and as slow to what is usual as before. */
function spreadAround(spread: Step['minutes'], usual: number): Step['minutes'] {
  if (spread.usual === 0) return { quick: usual, usual, slow: usual };
  return { ...times(spread, usual / spread.usual), usual };
}

function withWords(step: Step, words: string | undefined): Step {
  return words === undefined ? step : { ...step, words };
}

function split(step: Step, first: number | undefined): readonly Step[] {
  if (first === undefined || first >= step.minutes.usual) return [step];
  const share = first / step.minutes.usual;
  return [
    { ...step, minutes: { ...times(step.minutes, share), usual: first }, drying: noTime },
    {
      ...step,
      id: secondId(step.id),
      minutes: { ...times(step.minutes, 1 - share), usual: step.minutes.usual - first },
    },
  ];
}

/** What came before a step that is left out still comes before what came after it. */
function bridged(arrows: readonly RuledArrow[], skips: ReadonlySet<string>): readonly RuledArrow[] {
  return [...skips].reduce<readonly RuledArrow[]>((left, skip) => {
    const into = left.filter(({ then }) => then === skip);
    const out = left.filter(({ before }) => before === skip);
    const rest = left.filter(({ before, then }) => before !== skip && then !== skip);
    const over = into.flatMap((one) =>
      out
        .filter(({ then }) => then !== one.before)
        .map((next) => ({ ...one, then: next.then, because: next.because, rule: next.rule })),
    );
    return [...rest, ...over];
  }, arrows);
}
