import type { ProcessPlan } from '../../../core/process/processPlan';
import type { Step } from '../../../core/process/step';
import { sumSpreads } from '../../../core/process/stepTimes';
import { stepWords } from '../../../core/process/stepWords';
import { dayWords } from '../../../core/prose/dayWords';
import { dayAt, minutesWords } from '../../../core/prose/timeWords';
import type { ResolvedCard } from '../../../core/resolve/resolvedCard';
import { countWords } from '../../../core/words/countWords';

/** The proof as the heading: evenings, time at work, and whether fewer would do. */
export function workHeading({ work, steps }: Pick<ProcessPlan, 'work' | 'steps'>): string {
  const spent = `${minutesWords(sumSpreads(steps.map(({ minutes }) => minutes)).usual)} at work`;
  if (!work.ok) return `${countWords(steps.length, 'step')}, ${spent}`;
  const { sessions, leastSessions, isProven } = work.plan;
  const count = sessions.length;
  const proof =
    count === 1
      ? ''
      : leastSessions >= count
        ? `; ${count === 2 ? 'one is' : `${count - 1} are`} impossible`
        : isProven
          ? '; earlier is impossible'
          : '';
  return `${countWords(count, 'evening')}, ${spent}${proof}`;
}

/** What is told beside the heading; days and changes of one card, as a batch has no order of its own. */
export type WorkNoted = Pick<ProcessPlan, 'work' | 'steps' | 'evenings'> &
  Partial<Pick<ProcessPlan, 'deadlines' | 'changes'>>;

/** What stands beside the heading: the spread, what is left, the days that are met, what slow drying would break. */
export function workNotes(
  { work, steps, deadlines = [], evenings, changes }: WorkNoted,
  card: ResolvedCard,
): readonly string[] {
  if (!work.ok) return [];
  const { end, bound, isProven, left, tight } = work.plan;
  const all = sumSpreads(steps.map(({ minutes }) => minutes));
  const [first] = tight;
  const slow = first && steps.find(({ id }) => id === first.before);
  return [
    `Quick ${minutesWords(all.quick)}, slow ${minutesWords(all.slow)}.`,
    `Done on ${dayAt(end, evenings.zone)}${isProven ? ', and no earlier' : `; no earlier than ${dayAt(bound, evenings.zone)}`}, with ${minutesWords(left)} of that evening left.`,
    ...deadlines
      .filter(({ short }) => short === 0)
      .map(
        ({ what, day }) =>
          `${what === 'film' ? 'Filming' : 'Publishing'} on ${dayWords(day)} is met.`,
      ),
    ...(slow
      ? [
          `Where “${stepWords(slow, card)}” dries slowly, what follows has to wait ${minutesWords(first.short)} more${tight.length > 1 ? `; so after ${countWords(tight.length - 1, 'other')}` : ''}.`,
        ]
      : []),
    ...(changes
      ? [
          `${countWords(changes.count, 'change')} of place, pad and tool${changes.isProven ? '; fewer is impossible' : `; at least ${changes.bound}`}.`,
        ]
      : []),
  ];
}

/** Where it is done and how long that takes, as the end of a row. */
export function rowTime({ minutes, drying }: Step): string {
  const dry = drying.usual >= 1 ? `, dry ${minutesWords(drying.usual)}` : '';
  return `${minutesWords(minutes.usual)}${dry}`;
}
