import type { StepKind } from '../../plan/workFacts';
import type { Act } from '../../acts/act';
import { stampName } from './stampName';
import { groupBy } from '../../groupBy';
import type { ResolvedMark } from '../../resolve/resolvedMark';
import type { PrintedPaper, ProcessInput } from '../processInput';
import { noTime, stepId, type Setup, type Spread, type Step } from '../step';
import { benchMinutes, longerSpread, splatterDrying, times } from '../stepTimes';
import {
  dryingOf,
  dryingOfItem,
  itemsOfPaints,
  powdersOf,
  printedOf,
  sortOfItem,
} from './markThings';

/** The steps one act of a paper comes to, from the first to the last; both are the same for most. */
export interface ActSteps {
  readonly first: string;
  /** The ink is on it with this one. */
  readonly made: string;
  readonly last: string;
}

export interface PrintSteps {
  readonly steps: readonly Step[];
  /** By the id of the act. */
  readonly ofAct: ReadonlyMap<string, ActSteps>;
}

/** What is stamped, laid, masked and embossed on the papers of a card, as their acts have it. */
export function printSteps(input: ProcessInput): PrintSteps {
  const steps: Step[] = cutMasks(input);
  const ofAct = new Map<string, ActSteps>();
  for (const paper of input.papers) {
    const told = new Map<string, number>();
    const heats: Heated[] = [];
    for (const act of paper.acts) {
      const own = stepsOfAct(act, paper, input, told);
      steps.push(...own.steps);
      if (own.heated) heats.push(own.heated);
      const [first, last] = [own.steps[0], own.steps.at(-1)];
      const made = own.steps.find((step) => step.act === act) ?? last;
      if (first && last && made)
        ofAct.set(act.id, {
          first: first.id,
          made: made.id,
          last: own.heated ? heatId(own.heated, input) : last.id,
        });
    }
    steps.push(...heatSteps(paper, heats, input));
  }
  return { steps, ofAct };
}

interface Heated {
  readonly piece: string;
  readonly support: string;
  readonly powder: string;
  readonly name: string;
}

function stepsOfAct(
  act: Act,
  on: PrintedPaper,
  { card }: ProcessInput,
  told: Map<string, number>,
): { readonly steps: readonly Step[]; readonly heated: Heated | undefined } {
  const mark = card.marks.find(({ id }) => id === act.piece);
  const occurrence = (kind: StepKind) => {
    const key = `${kind} ${act.piece}`;
    told.set(key, (told.get(key) ?? 0) + 1);
    return told.get(key) ?? 1;
  };
  const step = (kind: StepKind, change: Partial<Step>): Step => {
    const medium = change.medium ?? '';
    return {
      id: stepId(kind, act.piece, medium, occurrence(kind)),
      ...{ kind, medium, pieces: [act.piece], things: [] },
      on: { face: on.face, support: on.support },
      ...{ place: 'desk', setup: {}, minutes: benchMinutes[kind], drying: noTime },
      ...{ mayPause: false, cautions: [], act: undefined },
      ...change,
    };
  };
  switch (act.kind) {
    case 'stamp':
    case 'lay': {
      if (!mark) return { steps: [], heated: undefined };
      return act.kind === 'stamp' && !isLaidGround(mark)
        ? stampSteps(act, mark, step)
        : { steps: [groundStep(act, mark, step)], heated: undefined };
    }
    case 'mask':
    case 'unmask':
      return {
        steps: [step(act.kind, { act, medium: act.mask, things: [`mask ${act.mask}`] })],
        heated: undefined,
      };
    case 'tape':
    case 'untape': {
      const things = [act.by === 'die' ? 'the die it was cut with' : 'low-tack tape'];
      return { steps: [step(act.kind, { act, things })], heated: undefined };
    }
    case 'cover':
    case 'lift':
    case 'return':
    case 'uncover':
      return { steps: [step(act.kind, { act, things: ['the strips'] })], heated: undefined };
    default:
      throw new TypeError(`stepsOfAct: unknown act ${JSON.stringify(act satisfies never)}`);
  }
}

const isLaidGround = ({ piece }: ResolvedMark) => piece.kind !== 'image' && piece.kind !== 'words';

type MakeStep = (kind: StepKind, change: Partial<Step>) => Step;

function stampSteps(
  act: Act,
  mark: ResolvedMark,
  step: MakeStep,
): { readonly steps: readonly Step[]; readonly heated: Heated | undefined } {
  const printed = printedOf(mark);
  const inks = itemsOfPaints(printed);
  const powders = powdersOf(printed);
  const [ink] = inks;
  const tool = mark.stamp ? 'stamp' : 'letters';
  const stamp = step('stamp', {
    act,
    medium: ink ? sortOfItem(ink) : '',
    ...(ink && { colour: ink.colour }),
    things: [...stampName(mark), ...inks.map(({ name }) => name)],
    setup: { ...(ink && { pad: ink.id }), tool },
    minutes: times(benchMinutes.stamp, Math.max(1, printed.length)),
    // Powder on it is melted while it is wet.
    drying: powders.length > 0 ? noTime : dryingOf(printed, mark.ground),
    cautions: inks.some((each) => each.kind === 'ink' && each.ink === 'solvent') ? ['solvent'] : [],
  });
  const [powder] = powders;
  if (!powder) return { steps: [stamp], heated: undefined };
  return {
    steps: [
      step('anti-static', { things: ['anti-static powder'] }),
      stamp,
      step('powder', {
        medium: powder.id,
        colour: powder.colour,
        things: [powder.name, 'a folded sheet to catch it'],
        setup: { powder: powder.id },
        cautions: ['dust'],
      }),
    ],
    heated: { piece: mark.id, support: mark.support, powder: powder.id, name: powder.name },
  };
}

const groundKinds = {
  blend: 'blend',
  stencil: 'stencil',
  spray: 'spray',
  splatter: 'splatter',
  edges: 'edges',
} as const;

function groundStep(act: Act, mark: ResolvedMark, step: MakeStep): Step {
  const { piece, stencil, paints } = mark;
  const kind =
    piece.kind in groundKinds ? groundKinds[piece.kind as keyof typeof groundKinds] : 'blend';
  const all = paints.filter((paint) => paint !== undefined);
  const items = itemsOfPaints(all);
  const sorts = items.map(sortOfItem);
  const [ink] = items;
  const setup: Setup = {
    ...(ink && { pad: items.map(({ id }) => id).join(' ') }),
    brush: kind === 'blend' || kind === 'stencil' || kind === 'edges' ? (ink?.id ?? 'brush') : kind,
    ...(stencil && { stencil: stencil.id }),
  };
  const drying = dryingOf(all, mark.ground);
  const isWet = kind === 'spray' || kind === 'splatter';
  const layers = kind === 'stencil' ? Math.max(1, all.length) : 1;
  // Each ink beyond two is one more to work in.
  const factor = kind === 'blend' ? 1 + 0.2 * Math.max(0, items.length - 2) : layers;
  return step(kind, {
    act,
    medium: longestDrying(items, mark) ?? sorts[0] ?? '',
    ...(ink && { colour: ink.colour }),
    things: [...(stencil ? [stencil.name] : []), ...items.map(({ name }) => name)],
    setup,
    minutes: times(benchMinutes[kind], factor),
    drying: isWet ? longerSpread(drying, splatterDrying) : drying,
    cautions: kind === 'spray' ? ['solvent'] : [],
  });
}

/** The sort of what takes longest to dry. */
function longestDrying(
  items: ReturnType<typeof itemsOfPaints>,
  { ground }: ResolvedMark,
): string | undefined {
  const usual = (item: (typeof items)[number]) => dryingOfItem(item, ground).usual;
  const sorted = items.toSorted((a, b) => usual(b) - usual(a));
  return sorted[0] && sortOfItem(sorted[0]);
}

function heatId({ piece, support, powder }: Heated, { plan }: ProcessInput): string {
  return stepId('heat', plan.habits.heatsPowder === 'each' ? piece : support, powder);
}

/** Prints in one powder on one paper are heated at once, or each by itself. */
function heatSteps(
  { face, support }: PrintedPaper,
  heats: readonly Heated[],
  input: ProcessInput,
): readonly Step[] {
  return [...groupBy(heats, (heated) => heatId(heated, input))].map(([id, own]) => ({
    ...{ id, kind: 'heat', pieces: own.map(({ piece }) => piece), medium: own[0]?.powder ?? '' },
    things: ['heat tool', ...new Set(own.map(({ name }) => name))],
    on: { face, support },
    place: 'desk',
    setup: { tool: 'heat tool' },
    minutes: times(benchMinutes.heat, 1 + 0.5 * (own.length - 1)),
    drying: cooling,
    mayPause: false,
    cautions: ['heat'],
    act: undefined,
  }));
}

/** A melted print is cold within a minute or two. From memory. */
const cooling: Spread = { quick: 1, usual: 1, slow: 2 };

function cutMasks({ masks }: ProcessInput): Step[] {
  return masks.map(({ letter, covers, toCut }) => ({
    ...{ id: stepId('cut-mask', letter), kind: 'cut-mask', pieces: covers, medium: letter },
    things: ['masking paper', 'scissors'],
    ...{ on: undefined, place: 'desk', setup: { tool: 'scissors' } },
    ...{ minutes: benchMinutes['cut-mask'], timesInBatch: toCut },
    ...{ drying: noTime, mayPause: true, cautions: ['blades'], act: undefined },
  }));
}
