import type { StepKind } from '../../plan/workFacts';
import type { Steps } from '../deriveSteps';
import { isWetFinish, type PaperAt, type Step } from '../step';

/** What is done to a paper before it is stuck anywhere: printed, masked, coloured, drawn. */
const decorating: readonly StepKind[] = [
  'anti-static',
  'stamp',
  'powder',
  'heat',
  'tape',
  'untape',
  'cover',
  'lift',
  'return',
  'uncover',
  'mask',
  'unmask',
  'blend',
  'stencil',
  'spray',
  'splatter',
  'edges',
  'wipe',
  'colour',
  'draw',
];

export function ofKind({ all }: Steps, ...kinds: readonly StepKind[]): readonly Step[] {
  return all.filter(({ kind }) => kinds.includes(kind));
}

export function isOn({ on }: Step, { face, support }: PaperAt): boolean {
  return on !== undefined && on.support === support && (support !== 'base' || on.face === face);
}

/** What decorates a paper: a face of the base, or a piece, in the order it was told. */
export function decorationsOf(steps: Steps, at: PaperAt): readonly Step[] {
  return steps.all.filter((step) => isDecorating(step) && isOn(step, at));
}

/** Finishes that stay wet for long go on at the end, and so are none. */
function isDecorating(step: Step): boolean {
  if (step.kind === 'finish') return !isWetFinish(step);
  return decorating.includes(step.kind);
}

/** What holds a piece, or puts it in; every piece has one. */
export function holdingStep(steps: Steps, piece: string): Step | undefined {
  return steps.all.find(
    ({ kind, pieces }) => (kind === 'glue' || kind === 'insert') && pieces[0] === piece,
  );
}
