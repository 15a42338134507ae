import { newStep } from '../newStep';
import type { StepKind } from '../../plan/workFacts';
import { groupBy } from '../../groupBy';
import { isCutToShape } from '../../plan/pieces';
import { sides } from '../../plan/faces';
import { isLoose } from '../../resolve/pockets';
import type { ResolvedPiece } from '../../resolve/resolvedPiece';
import type { ProcessInput } from '../processInput';
import { noTime, stepId, type PaperAt, type Step } from '../step';
import { benchMinutes, foamTimes, glueDrying, longerSpread, pressing, times } from '../stepTimes';

/** What is cut, scored, folded, trimmed and stuck together. */
export function paperSteps({ card, plan }: ProcessInput): readonly Step[] {
  const papers = card.pieces.flatMap(ofPiece);
  return [
    ...[...cutSteps(card), ...baseSteps(card, plan.base.fold), ...papers],
    ...(papers.some(isPressed) ? [pressStep] : []),
  ];
}

/** Whether a step leaves what has to lie under a weight: paper on liquid glue. */
export function isPressed({ kind, medium }: Step): boolean {
  return kind === 'glue' && medium === 'liquid';
}

const pressStep = newStep('press', 'card', {
  ...{ pieces: [], things: ['a flat weight'], setup: { tool: 'weight' }, drying: pressing },
});

/** All that is cut on the trimmer of one stock is cut at once. */
function cutSteps({ base, pieces }: ProcessInput['card']): readonly Step[] {
  const straight = pieces.filter(({ piece }) => !isCutToShape(piece.size));
  const cut = [
    { id: 'base', stock: base.stock },
    ...straight.map(({ id, stock }) => ({ id: id as string, stock })),
  ];
  return [...groupBy(cut, ({ stock }) => stock?.id ?? 'unknown')].map(([stock, own]) => ({
    ...{ id: stepId('cut', stock), kind: 'cut', pieces: own.map(({ id }) => id), medium: stock },
    things: own[0]?.stock ? [own[0].stock.name] : [],
    ...{ on: undefined, place: 'trimmer', setup: { stock, tool: 'trimmer' } },
    minutes: times(
      benchMinutes.cut,
      // A stock is got out once; each piece beyond the first is half as long again.
      1 + 0.5 * (own.length - 1),
    ),
    ...{ drying: noTime, mayPause: true, cautions: ['blades'], act: undefined },
  }));
}

function baseSteps(
  { base }: ProcessInput['card'],
  fold: ProcessInput['plan']['base']['fold'],
): readonly Step[] {
  if (fold === 'flat') return [];
  const count = Math.max(1, base.scores.length);
  return [
    step(
      'score',
      'base',
      { on: undefined, place: 'trimmer', setup: { tool: 'score board' } },
      count,
    ),
    step('fold', 'base', { on: undefined, setup: { tool: 'bone folder' } }, count),
  ];
}

function ofPiece(piece: ResolvedPiece): readonly Step[] {
  const { id, face, support, bonds, isJoined } = piece;
  const { size, trim, crop, motion, overhang } = piece.piece;
  const on = { face, support: id } as const;
  const steps: Step[] = [];
  if (size.by === 'die') {
    // Joined dies of many parts do not always cut in one go.
    const passes = isJoined ? 2 : 1;
    const die = { place: 'press', setup: { tool: 'die press' }, cautions: ['press'] } as const;
    steps.push(step('die-cut', id, { ...die, on, things: ['die press'] }, passes));
  }
  if (size.by === 'stamp') {
    const scissors = { setup: { tool: 'scissors' }, cautions: ['blades'], mayPause: true } as const;
    steps.push(step('cut-out', id, { ...scissors, on, things: ['scissors'] }));
  }
  const isCut = (each: typeof trim) =>
    each !== null && sides.some((side) => each[side].ticks !== 0);
  if (isCut(trim) || (isCutToShape(size) && (isCut(crop) || overhang !== 'kept')))
    steps.push(
      step('trim', id, {
        ...{ on, place: 'trimmer', setup: { tool: 'trimmer' }, cautions: ['blades'] },
        things: ['trimmer'],
      }),
    );
  if (isJoined) steps.push(step('part', id, { on }));
  if (motion?.kind === 'flap')
    steps.push(step('hinge', id, { on, setup: { tool: 'bone folder' } }));
  steps.push(isLoose(piece) ? step('insert', id, { on: under(piece) }) : glueStep(piece));
  return steps;

  function glueStep(own: ResolvedPiece): Step {
    const [first] = bonds;
    const isFoam = bonds.some(({ adhesive }) => adhesive.foam);
    const medium = bonds.find(({ adhesive }) => adhesive.foam)?.adhesive.id ?? first?.adhesive.id;
    return step('glue', id, {
      on: under(own),
      medium: medium ?? '',
      things: [
        ...new Set(bonds.map(({ adhesive }) => adhesive.name)),
        ...(motion?.kind === 'wobbler' ? ['a spring'] : []),
      ],
      setup: { tool: medium ?? 'glue' },
      minutes: times(benchMinutes.glue, isFoam ? foamTimes : 1),
      drying: bonds.reduce(
        (longest, { adhesive }) => longerSpread(longest, glueDrying[adhesive.id]),
        noTime,
      ),
      cautions: motion?.kind === 'wobbler' ? ['small-parts'] : [],
    });
  }

  function under(own: ResolvedPiece): PaperAt {
    return { face: own.face, support };
  }
}

function step(kind: StepKind, piece: string, change: Partial<Step>, factor = 1): Step {
  return newStep(kind, piece, { minutes: times(benchMinutes[kind], factor), ...change });
}
