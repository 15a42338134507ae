import { batchEdits } from '../../plan/batchEdits';
import type { Finding, Rule } from '../finding';
import { takeNewer } from '../takeNewer';
import { trimBetween } from '../trimBetween';
import { usedItems } from '../usedItems';

/** An item of which the stash has a newer version than the card was made with. */
export const newerVersion: Rule = {
  id: 'newer-version',
  find: ({ plan, card, library }) =>
    usedItems(plan, card, library).flatMap(({ ref, newest, pieceId, letter, name }): Finding[] => {
      if (newest.version <= ref.version) return [];
      const next = { id: newest.id, version: newest.version };
      return [
        {
          severity: 'habit',
          pieceId,
          letter,
          name,
          data: {
            rule: 'newer-version',
            item: newest.name,
            version: newest.version,
            isTrimmed: trimBetween(library, ref, next) !== undefined,
          },
          remedies: [
            {
              id: 'newer',
              size: undefined,
              reveals: undefined,
              edit: batchEdits(takeNewer(plan, card, library, ref, next)),
            },
          ],
        },
      ];
    }),
};
