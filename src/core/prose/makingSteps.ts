import type { ProcessPlan } from '../process/processPlan';
import { sumSpreads } from '../process/stepTimes';
import type { Step } from '../process/step';
import { stepWords } from '../process/stepWords';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { writeCsvTable } from '../text/writeCsvTable';
import { capitalise, joinWords } from '../words/phrases';
import { tipsOf } from '../process/tipsOf';
import { cautionWords } from './cautionWords';
import { minutesWords } from './timeWords';
import { tipWords } from './tipWords';

/** One step as it is told to whoever makes the card from the sheet. */
export interface MakingStep {
  readonly step: Step;
  readonly number: number;
  readonly what: string;
  /** What it is done with; empty where its words tell that. */
  readonly things: string;
  readonly time: string;
  /** How long it dries before what waits for it, and the numbers of that; undefined where nothing does. */
  readonly wait: string | undefined;
  readonly tips: readonly string[];
  readonly cautions: readonly string[];
  /** The paper or the card looks otherwise after it. */
  readonly isSeen: boolean;
}

/** Minutes from which a wait is told. */
const toldFrom = 2;

/** How a card is made: one card, step by step. */
export function makingSteps(
  { steps, arrows }: Pick<ProcessPlan, 'steps' | 'arrows'>,
  card: ResolvedCard,
): readonly MakingStep[] {
  const numbers = new Map(steps.map(({ id }, at) => [id, at + 1]));
  const told = new Set<string>();
  /** Each tip is told where it comes first. */
  const isNew = (tip: string) => !told.has(tip) && told.add(tip).size > 0;
  return steps.map((step, at) => {
    const what = stepWords(step, card);
    const awaited = arrows
      .filter(
        ({ before, wait, because }) =>
          before === step.id && wait === 'dry' && because !== 'shown-last',
      )
      .flatMap(({ then }) => numbers.get(then) ?? []);
    const first = Math.min(...awaited);
    // Each caution is told where it comes first.
    const cautions = step.cautions.filter((each) => !told.has(each));
    for (const each of cautions) told.add(each);
    return {
      ...{ step, number: at + 1, what },
      things: capitalise(joinWords(step.things.filter((each) => !what.includes(each)))),
      time: minutesWords(step.minutes.usual),
      wait:
        step.drying.usual >= toldFrom && awaited.length > 0
          ? `dry for ${minutesWords(step.drying.usual)} before step ${first}`
          : undefined,
      tips: tipsOf(step, card)
        .filter(isNew)
        .map((each) => tipWords[each]),
      cautions: cautions.map((each) => cautionWords[each]),
      isSeen: changesLook(step),
    };
  });
}

/** Time at work, with its spread. @example '1 h 20 at work, from 50 min to 2 h 25; 12 min of them cutting' */
export function makingTime({ steps }: Pick<ProcessPlan, 'steps'>): string {
  const { quick, usual, slow } = sumSpreads(steps.map(({ minutes }) => minutes));
  return `${minutesWords(usual)} at work, from ${minutesWords(quick)} to ${minutesWords(slow)}, and what it takes to dry`;
}

/** The steps of making as CSV (RFC 4180), in order. */
export function writeStepsCsv(rows: readonly MakingStep[]): string {
  return writeCsvTable(
    rows.map(({ number, what, things, step, wait, cautions }) => ({
      step: number,
      what,
      with: things,
      place: step.place,
      'minutes, quick': step.minutes.quick,
      minutes: step.minutes.usual,
      'minutes, slow': step.minutes.slow,
      'drying, minutes': step.drying.usual,
      wait: wait ?? '',
      caution: cautions.join(' '),
    })),
  );
}

const unseen: readonly Step['kind'][] = [
  'cut',
  'score',
  'fold',
  'test',
  'cut-mask',
  'anti-static',
  'clean',
  'sign',
  'hinge',
  'photo',
  'pack',
  'press',
  'own',
  'wipe',
];

function changesLook({ kind }: Step): boolean {
  return !unseen.includes(kind);
}
