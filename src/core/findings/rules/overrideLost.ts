import { overrideId } from '../../plan/collections';
import type { Rule } from '../finding';
import { deed } from '../remedy';
import { cardSubject } from '../subject';

/** Something decided of a step that the card no longer has. */
export const overrideLost: Rule = {
  id: 'override-lost',
  find: ({ card, results: { process } }) =>
    (process?.lost ?? []).map((override) => ({
      severity: 'look',
      subject: { ...cardSubject(card), kind: 'step', id: overrideId(override) },
      data: {
        rule: 'override-lost',
        decided: override.kind,
        step: override.kind === 'add' ? (override.after ?? '') : override.step,
      },
      remedies: [
        deed('drop-override', { kind: 'remove', in: 'overrides', id: overrideId(override) }),
      ],
    })),
};
