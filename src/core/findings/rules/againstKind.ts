import { batchEdits } from '../../plan/batchEdits';
import { decideOverlap } from '../../plan/decideOverlap';
import { findOnPair, type Rule } from '../finding';
import { deed } from '../remedy';
import { maskedPairs } from './maskedPairs';

/** Stamped too early or too late: what a print is would have it the other way about. */
export const againstKind: Rule = {
  id: 'against-kind',
  find: ({ plan, card, results }) =>
    maskedPairs(card, results.masks).flatMap(({ meeting, behind, front }) => {
      const { decided, byKind } = meeting;
      if (typeof decided !== 'string' || !byKind || byKind.first.id === decided) return [];
      const [early, late] = decided === front.id ? [front, behind] : [behind, front];
      const undo = batchEdits(decideOverlap(plan, behind.id, front.id, undefined));
      const isEarly = byKind.because !== 'ground-over';
      return [
        findOnPair(
          early,
          late,
          'look',
          { rule: 'against-kind', because: byKind.because, isEarly, other: late.name },
          [deed('as-placed', undo)],
        ),
      ];
    }),
};
