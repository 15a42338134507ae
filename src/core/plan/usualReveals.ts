import type { Unit } from '../length/length';
import type { Habits } from './habits';

/** The usual borders of the school that leads. */
export function usualReveals(habits: Habits): Habits['reveals'][Unit] {
  return habits.reveals[habits.leadingUnit];
}
