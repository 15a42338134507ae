import type { Act } from '../acts/act';
import type { FaceId } from '../plan/faces';
import type { StepKind, WorkPlace } from '../plan/workFacts';
import type { SupportId } from '../resolve/origins';

/** Minutes, quick to slow; what is usual is planned with. */
export interface Spread {
  readonly quick: number;
  readonly usual: number;
  readonly slow: number;
}

/** What can hurt, told with the step. */
export const cautions = [
  'heat',
  'solvent',
  'blades',
  'press',
  'magnets',
  'small-parts',
  'dust',
] as const;
export type Caution = (typeof cautions)[number];

/** What stands ready for a step; what the next one does not need as well is put away. By id, or as it is called. */
export const setupKeys = ['pad', 'powder', 'brush', 'stencil', 'stock', 'tool'] as const;
export type Setup = Readonly<Partial<Record<(typeof setupKeys)[number], string>>>;

/** A paper of the card, or a face of its base. */
export interface PaperAt {
  readonly face: FaceId;
  readonly support: SupportId;
}

/** One step of making a card. */
export interface Step {
  /** Its kind, its piece, its medium, and which time it is done; the same as long as these are. */
  readonly id: string;
  readonly kind: StepKind;
  /** What the designer calls it; undefined where it is told by what it is. */
  readonly words?: string;
  /** What it is done to, `base` for the base. */
  readonly pieces: readonly string[];
  /** What it is done with: an adhesive, a sort of ink or medium, an item by its id; empty where that tells nothing. */
  readonly medium: string;
  /** What it is done with, by name. */
  readonly things: readonly string[];
  /** The paper it is done on; undefined for what concerns several, or the whole card. */
  readonly on: PaperAt | undefined;
  readonly place: WorkPlace;
  readonly setup: Setup;
  /** At work. */
  readonly minutes: Spread;
  /** Until it is dry. */
  readonly drying: Spread;
  /** It may be left and gone on with another day. */
  readonly mayPause: boolean;
  readonly cautions: readonly Caution[];
  /** Of the ink or medium it is done with, `#rrggbb`; undefined where it has none. */
  readonly colour?: string;
  /** For so many copies it is done ahead; undefined where it is for none. */
  readonly ready?: number;
  /** So often for all copies together; undefined where it is once. Of what one does a batch once. */
  readonly timesInBatch?: number;
  /** What it does to its paper, for the picture of it. */
  readonly act: Act | undefined;
}

/** Finishes that stand up and stay wet for an hour: they go on when all is glued. */
export function isWetFinish({ kind, medium }: Pick<Step, 'kind' | 'medium'>): boolean {
  return kind === 'finish' && (medium === 'gloss' || medium === 'glitter');
}

/** What is set on when all is glued and pressed: it would be squashed. */
export function isSetLast(step: Pick<Step, 'kind' | 'medium'>): boolean {
  return step.kind === 'stick' || step.kind === 'drops' || isWetFinish(step);
}

export const noTime: Spread = { quick: 0, usual: 0, slow: 0 };

/** As a card file and the page name a step. */
export function stepId(kind: StepKind, piece: string, medium = '', occurrence = 1): string {
  const rest = occurrence > 1 ? [medium, String(occurrence)] : medium === '' ? [] : [medium];
  return [kind, piece, ...rest].join(':');
}
