import type { JointPlan } from '../process/planTogether';
import { countWords } from '../words/countWords';
import { joinWords } from '../words/phrases';
import { minutesWords } from './timeWords';

/** A card by its name, and how many of it are made. */
export interface NamedCopies {
  readonly title: string;
  readonly copies: number;
}

/** What it takes to make cards together: '24 Parcel on the step and 6 Rain day: 4 evenings, 6 h 10 at work'. */
export function togetherHeading(
  { work, minutes }: Pick<JointPlan, 'work' | 'minutes'>,
  cards: readonly NamedCopies[],
): string {
  const names = joinWords(cards.map(({ title, copies }) => `${copies} ${title}`));
  const evenings = work.ok
    ? countWords(work.plan.sessions.length, 'evening')
    : 'no evening is long enough';
  return `${names}: ${evenings}, ${minutesWords(minutes)} at work`;
}

/** What that saves over making one after the other. */
export function togetherNotes({
  work,
  minutes,
  apart,
  stages,
}: Pick<JointPlan, 'work' | 'minutes' | 'apart' | 'stages'>): string {
  const shared = stages.filter(({ parts }) => parts.length > 1).length;
  if (shared === 0) return 'They share no stage, so making them together saves nothing.';
  const count = shared === 1 ? '1 stage is' : `${shared} stages are`;
  const saved = minutesWords(Math.max(0, apart.minutes - minutes));
  const after =
    apart.evenings === undefined || !work.ok
      ? ''
      : ` One after the other they take ${countWords(apart.evenings, 'evening')}.`;
  return `${count} got ready for once, which saves ${saved}.${after}`;
}
