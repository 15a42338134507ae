import { nextSessions } from '../../process/evenings';
import type { Rule } from '../finding';
import { findOnStep } from '../findOnStep';
import { deed } from '../remedy';

/** A step that has to go on without a break, and is longer than any evening. */
export const eveningShort: Rule = {
  id: 'evening-short',
  find: ({ card, results: { process } }) => {
    const issue = process && !process.work.ok ? process.work.issue : undefined;
    const step =
      issue?.code === 'no-window' && process?.steps.find(({ id }) => id === issue.activity);
    if (!process || !step) return [];
    // The longest of a week, whenever that begins.
    const longest = Math.max(
      0,
      ...nextSessions(process.evenings, 0, 8, 8)
        .slice(1)
        .map(({ from, to }) => (to - from) / 60_000),
    );
    const override = { kind: 'split', step: step.id, minutes: longest } as const;
    return [
      findOnStep(
        step,
        card,
        'stop',
        { rule: 'evening-short', minutes: step.minutes.usual, longest },
        longest > 0 ? [deed('split-step', { kind: 'put', in: 'overrides', item: override })] : [],
      ),
    ];
  },
};
