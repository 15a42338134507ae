import type { MaskChoice } from '../../core/compute/maskChoices';
import type { MaskMove } from '../../core/compute/maskMoves';
import type { MaskPlan } from '../../core/masking/maskCard';
import type { Library } from '../../core/plan/library';
import type { Plan } from '../../core/plan/plan';
import type { MaskingReply } from '../../workers/maskingMessages';
import { useCardWorker, type FailedReply } from './useCardWorker';

/** Which masks a card takes, as far as that is worked out. */
export interface Masks {
  /** The last that was worked out; undefined while none was. */
  readonly plan: MaskPlan | undefined;
  /** It is of the card as it was before. */
  readonly isOld: boolean;
  /** What comes of deciding otherwise. */
  readonly choices: readonly MaskChoice[];
  /** Moves that save a mask, as they are found. */
  readonly moves: readonly MaskMove[];
  /** Such moves are still looked for. */
  readonly isLooking: boolean;
  readonly hasFailed: boolean;
}

type Told = Omit<Masks, 'isOld' | 'hasFailed'>;

const start = () =>
  new Worker(new URL('../../workers/maskingWorker.ts', import.meta.url), { type: 'module' });

/** Works out the masks of a card in a worker whenever it has changed. @param isLooked they are seen now */
export function useMasks(plan: Plan, library: Library, isLooked: boolean): Masks {
  const { told, isOld, hasFailed } = useCardWorker<MaskingReply, Told>({
    plan,
    library,
    isLooked,
    start,
    take,
  });
  return {
    plan: told?.plan,
    isOld,
    choices: told?.choices ?? [],
    moves: told?.moves ?? [],
    isLooking: told === undefined || told.isLooking,
    hasFailed,
  };
}

function take(
  before: Told | undefined,
  reply: Exclude<MaskingReply, FailedReply>,
): Told | undefined {
  if (reply.kind === 'masks') return { plan: reply.masks, choices: [], moves: [], isLooking: true };
  if (!before) return before;
  switch (reply.kind) {
    case 'choices':
      return { ...before, choices: reply.choices };
    case 'move':
      return { ...before, moves: [...before.moves, reply.move] };
    case 'done':
      return { ...before, isLooking: false };
    default:
      throw new TypeError(`useMasks: unknown reply ${String(reply satisfies never)}`);
  }
}
