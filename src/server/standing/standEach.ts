import type { CardId } from '../../core/plan/ids';
import type { Library } from '../../core/plan/library';
import type { KeptCard } from '../repositories/cards';
import { pool } from '../threads/pool';
import {
  secondsForOne,
  standBlank,
  type StandInput,
  type StoodCard,
} from '../threads/tasks/standCards';

/**
 * Computes cards as they stand on the Ledge, in a thread, each on its own: one that takes too long stands there as a plain
 * blank with its reason, and the others go on.
 */
export async function standEach(
  cards: readonly KeptCard[],
  library: Library,
): Promise<readonly StoodCard[]> {
  const stood = new Map<CardId, StoodCard>();
  for (let left = cards; left.length > 0; left = left.filter(({ id }) => !stood.has(id))) {
    const isDone = await standSome({ library, cards: left }, (each) => stood.set(each.id, each));
    const stuck = isDone ? undefined : left.find(({ id }) => !stood.has(id));
    if (stuck) stood.set(stuck.id, { ...standBlank(stuck, 'too intricate'), isLate: true });
  }
  return [...stood.values()];
}

/** Computes cards in their order until all are done or one takes too long. @returns whether all are done. */
async function standSome(input: StandInput, onCard: (stood: StoodCard) => void): Promise<boolean> {
  try {
    await pool().run<undefined, StoodCard>(
      { task: 'standCards', input },
      { client: 'the ledge', seconds: secondsForOne, isOurs: true, onPart: onCard },
    );
    return true;
  } catch (error) {
    console.error('a card could not be drawn in time', error);
    return false;
  }
}
