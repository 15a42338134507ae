import type { StepFinding } from '../../core/findings/stepFinding';
import type { StepKind } from '../../core/plan/workFacts';
import { dayWords } from '../../core/prose/dayWords';
import { reasonWords } from '../../core/prose/reasonWords';
import { minutesWords } from '../../core/prose/timeWords';

/** What was found of the order of work. @param name what the step is */
export function stepFindingSentence(data: StepFinding, name: string): string {
  switch (data.rule) {
    case 'order-broken':
      return `“${name}” comes after “${data.after}”, as you put it: ${reasonWords[data.because]}.`;
    case 'orders-contradict':
      return `These cannot all stand, as each comes before the next and the last before the first: ${data.steps.map((step) => `“${step}”`).join(', ')}.`;
    case 'step-left-out':
      return `“${name}” is left out: ${leftOut[data.step] ?? 'it is missed later'}.`;
    case 'override-lost':
      return data.decided === 'add'
        ? 'A step of your own comes after one that the card no longer has, so it is done whenever there is time.'
        : `You decided something of a step that the card no longer has (${data.step}). It comes back with that step; or let it go.`;
    case 'evening-short':
      return data.longest > 0
        ? `“${name}” takes ${minutesWords(data.minutes)} without a break, and the longest evening has ${minutesWords(data.longest)}. Do it in two parts, or make an evening longer.`
        : `There is no evening for “${name}”. Add one below the steps.`;
    case 'date-missed':
      return `The card is to be ${data.what === 'film' ? 'filmed' : 'published'} on ${dayWords(data.day)}, and ${minutesWords(data.short)} of work are left then. Add an evening, or begin earlier.`;
    default:
      throw new TypeError(`stepFindingSentence: unknown ${JSON.stringify(data satisfies never)}`);
  }
}

const leftOut: Readonly<Partial<Record<StepKind, string>>> = {
  'anti-static': 'static and fingerprints hold stray powder where none is wanted',
  wipe: 'ink stays on the embossed lines',
  mask: 'what is stamped after it crosses the print',
};
