import type { EveningWish } from '../plan/workFacts';
import type { Session } from './evenings';
import { onlyLists, planWork, type WorkOutcome, type WorkProblem } from './planWork';

/**
 * Lays the steps into the evenings as they are wished for: done as early as can be, or in as few evenings as can be, and of
 * those as early as can be.
 * @param isOver whether the time for it is over
 */
export function planEvenings(
  problem: WorkProblem,
  wish: EveningWish,
  isOver: () => boolean,
): WorkOutcome {
  const early = planWork(problem, isOver);
  if (!early.ok || wish === 'earliest') return early;
  const { sessions, leastSessions } = early.plan;
  for (let count = leastSessions; count < sessions.length; count += 1) {
    let tried = 0;
    for (const chosen of someOf(problem.sessions.slice(0, sessions.length + further), count)) {
      if ((tried += 1) > mostTried || isOver()) break;
      if (!planWork({ ...problem, sessions: chosen }, onlyLists).ok) continue;
      const fewer = planWork({ ...problem, sessions: chosen }, isOver);
      // That it cannot be done earlier is proven of all evenings, not of those that were chosen.
      const { bound } = early.plan;
      if (fewer.ok) {
        const isProven = fewer.plan.end <= bound;
        return { ok: true, plan: { ...fewer.plan, bound, isProven, leastSessions } };
      }
    }
  }
  return early;
}

/** So many evenings are looked at beyond those that all would be done in first, and so many choices of them tried. */
const further = 7;
const mostTried = 400;

/** All choices of so many evenings, those that end first first. */
function* someOf(sessions: readonly Session[], count: number): Generator<readonly Session[], void> {
  if (count === 0) {
    yield [];
    return;
  }
  for (const [at, last] of sessions.entries())
    for (const before of someOf(sessions.slice(0, at), count - 1)) yield [...before, last];
}
