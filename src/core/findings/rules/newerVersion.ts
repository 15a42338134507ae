import { batchEdits } from '../../plan/batchEdits';
import type { Library } from '../../plan/library';
import type { Finding, Rule } from '../finding';
import { deed, type Remedy } from '../remedy';
import { itemSubject } from '../subject';
import { takeNewer, type NewerItem } from '../takeNewer';
import { trimBetween } from '../trimBetween';
import { usedItems, type UsedItem } from '../usedItems';

/**
 * An item of which the stash has a newer version than the card was made with. Shapes that were only trimmed to their ink
 * are offered together, since taking them changes nothing that is seen.
 */
export const newerVersion: Rule = {
  id: 'newer-version',
  find: ({ plan, card, library }) => {
    const old = usedItems(plan, card, library)
      .filter(({ ref, newest }) => newest.version > ref.version)
      .map((used) => ({ used, newer: newerOf(used), isTrimmed: isTrimmed(library, used) }));
    const trimmed = old.filter((each) => each.isTrimmed);
    const [first] = trimmed;
    const taking = (newer: readonly NewerItem[]): readonly Remedy[] => [
      deed('newer', batchEdits(takeNewer(plan, card, library, newer))),
    ];
    return [
      ...old
        .filter((each) => !each.isTrimmed)
        .map(({ used, newer }) =>
          findingOf(used, { others: 0, isTrimmed: false }, taking([newer])),
        ),
      ...(first
        ? [
            findingOf(
              first.used,
              { others: trimmed.length - 1, isTrimmed: true },
              taking(trimmed.map(({ newer }) => newer)),
            ),
          ]
        : []),
    ];
  },
};

const newerOf = ({ ref, newest: { id, version } }: UsedItem): NewerItem => ({
  old: ref,
  next: { id, version },
});

function isTrimmed(library: Library, used: UsedItem): boolean {
  const { old, next } = newerOf(used);
  return trimBetween(library, old, next) !== undefined;
}

function findingOf(
  { newest, pieceId }: UsedItem,
  what: { readonly others: number; readonly isTrimmed: boolean },
  remedies: readonly Remedy[],
): Finding {
  return {
    severity: 'habit',
    subject: itemSubject(newest, pieceId),
    data: { rule: 'newer-version', version: newest.version, ...what },
    remedies,
  };
}
