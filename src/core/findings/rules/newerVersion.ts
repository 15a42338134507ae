import type { SimpleEdit } from '../../plan/edit';
import { batchEdits } from '../../plan/batchEdits';
import type { LibraryRef } from '../../plan/libraryItem';
import { sameJson } from '../../plan/sameJson';
import { itemsOf, mapItems } from '../../plan/usedLibrary';
import type { Plan } from '../../plan/plan';
import type { Finding, Rule } from '../finding';
import { usedItems } from '../usedItems';
import { changePiece } from '../../plan/pieceEdits';

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
          data: { rule: 'newer-version', item: newest.name, version: newest.version },
          remedies: [
            {
              id: 'newer',
              size: undefined,
              reveals: undefined,
              edit: batchEdits(takeNewer(plan, ref, next)),
            },
          ],
        },
      ];
    }),
};

/** Every place of a plan that refers to the old version refers to the new one. */
function takeNewer(plan: Plan, old: LibraryRef, next: LibraryRef): readonly SimpleEdit[] {
  const isOld = ({ id, version }: LibraryRef) => id === old.id && version === old.version;
  const base: SimpleEdit[] = isOld(plan.base.stock)
    ? [{ kind: 'set-base', change: { stock: next } }]
    : [];
  const pieces = plan.pieces.flatMap((piece): SimpleEdit[] => {
    if (!itemsOf(piece).some(isOld)) return [];
    const newer = mapItems(piece, (ref) => (isOld(ref) ? next : ref));
    return [changePiece(piece, changedIn(piece, newer))];
  });
  const uses = plan.uses.flatMap(({ id, item }): SimpleEdit[] =>
    isOld(item) ? [{ kind: 'change', in: 'uses', id, change: { item: next } }] : [],
  );
  return [...base, ...pieces, ...uses];
}

/** The properties that are others now. */
function changedIn<Whole extends object>(before: Whole, now: Whole): Partial<Whole> {
  const keys = (Object.keys(now) as (keyof Whole)[]).filter(
    (key) => !sameJson(before[key], now[key]),
  );
  return Object.fromEntries(keys.map((key) => [key, now[key]])) as Partial<Whole>;
}
