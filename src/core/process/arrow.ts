import type { ActReason } from '../acts/act';
import type { Steps } from './deriveSteps';
import type { Spread, Step } from './step';

/** Why one step comes before another, beside the reasons of prints. */
export const stepReasons = [
  'cut-first',
  'score-fold',
  'folded-first',
  'joined-first',
  'part-last',
  'cut-last',
  'test-first',
  'mask-cut',
  'its-mask-on',
  'anti-static',
  'wet-ink',
  'loose-grains',
  'two-powders',
  'melted-first',
  'powder-on-dry',
  'wiped-clean',
  'printed-dry',
  'line-dry',
  'coloured-first',
  'pen-on-dry',
  'shimmer-first',
  'dots-after-words',
  'decorated-first',
  'flat-first',
  'trimmed-last',
  'trim-edges',
  'off-card',
  'crosses',
  'lowest-first',
  'slides-in',
  'hinge-first',
  'ribbon-tucked',
  'ribbon-round',
  'over-ribbon',
  'inside-first',
  'pressed-whole',
  'wet-last',
  'clean-last',
  'shown-last',
  'insisted',
] as const;
export type StepReason = (typeof stepReasons)[number] | ActReason;

/** How long it takes from the end of one to the start of the other: none, until a finger leaves no mark, until it is dry. */
export type Wait = 'none' | 'touch' | 'dry';

/** One step before another, and why. */
export interface Arrow {
  readonly before: string;
  readonly then: string;
  readonly because: StepReason;
  readonly wait: Wait;
  /** How long it waits, where that is not how long the first takes to dry. */
  readonly lag?: Spread;
  /** Minutes after which it is too late; undefined for none. */
  readonly most?: number;
}

/** One rule of the trade: which steps of a card it puts before which. */
export interface StepRule {
  /** Its name, as its file is called. */
  readonly id: string;
  /** Against it a card is spoilt, or it is only worth a look: some do it all the same. */
  readonly weight: 'stop' | 'look';
  readonly arrows: (steps: Steps) => readonly Arrow[];
}

export function arrow(
  before: Pick<Step, 'id'>,
  then: Pick<Step, 'id'>,
  because: StepReason,
  wait: Wait = 'none',
): Arrow {
  return { before: before.id, then: then.id, because, wait };
}

/** Ink that no finger smears any more is worked on; it is dry later. From memory. */
const touchMinutes = 10;

/** How long an arrow waits, from quick to slow. */
export function lagOf(
  { wait, lag }: Pick<Arrow, 'wait' | 'lag'>,
  { drying }: Pick<Step, 'drying'>,
): Spread {
  if (lag) return lag;
  if (wait === 'none') return { quick: 0, usual: 0, slow: 0 };
  if (wait === 'dry') return drying;
  const short = (minutes: number) => Math.min(minutes, touchMinutes);
  return { quick: short(drying.quick), usual: short(drying.usual), slow: short(drying.slow) };
}
