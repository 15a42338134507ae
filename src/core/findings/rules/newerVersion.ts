import type { SimpleEdit } from '../../plan/edit';
import { batchEdits } from '../../plan/batchEdits';
import type { LibraryRef } from '../../plan/libraryItem';
import type { Piece, PieceChange } from '../../plan/piece';
import type { Plan } from '../../plan/plan';
import type { Finding, Rule } from '../finding';
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
    const change = newerIn(piece, isOld, next);
    return Object.keys(change).length > 0 ? [{ kind: 'change-piece', id: piece.id, change }] : [];
  });
  const uses = plan.uses.flatMap(({ id, ...use }): SimpleEdit[] =>
    isOld(use.item) ? [{ kind: 'set-use', id, use: { ...use, item: next } }] : [],
  );
  return [...base, ...pieces, ...uses];
}

function newerIn(piece: Piece, isOld: (ref: LibraryRef) => boolean, next: LibraryRef): PieceChange {
  switch (piece.kind) {
    case 'panel':
      return {
        ...(isOld(piece.stock) && { stock: next }),
        ...(piece.size.by === 'die' &&
          isOld(piece.size.set) && { size: { ...piece.size, set: next } }),
        ...(piece.size.by === 'stamp' &&
          isOld(piece.size.stamp) && { size: { ...piece.size, stamp: next } }),
      };
    case 'image':
      return isOld(piece.stamp) ? { stamp: next } : {};
    case 'stencil':
      return isOld(piece.stencil) ? { stencil: next } : {};
    case 'dot':
      return piece.item && isOld(piece.item) ? { item: next } : {};
    case 'words':
    case 'drawn':
      return {};
    default:
      throw new TypeError(`newerIn: unknown kind ${JSON.stringify(piece satisfies never)}`);
  }
}
