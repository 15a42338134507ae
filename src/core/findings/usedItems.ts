import { envelopeItem } from '../plan/envelopeItems';
import { isMark } from '../resolve/outlineOf';
import { itemsOf } from '../kinds/kinds';
import { combinationItems } from '../kinds/sourceItems';
import type { PieceId } from '../plan/ids';
import type { LibraryItem, LibraryRef } from '../plan/libraryItem';
import { findItem, newestVersion, type Library } from '../plan/library';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { Plan } from '../plan/plan';

/** An item a card refers to, where it first does so, and its newest version in the library. */
export interface UsedItem {
  readonly ref: LibraryRef;
  readonly item: LibraryItem | undefined;
  readonly newest: LibraryItem;
  /** The piece that uses it; undefined for the base and the card as a whole. */
  readonly pieceId: PieceId | undefined;
  readonly letter: string;
  readonly name: string;
}

/** Every item a card refers to, each version once, in the order of the letters. */
export function usedItems(plan: Plan, card: ResolvedCard, library: Library): readonly UsedItem[] {
  const { letter } = card.base;
  const base = { pieceId: undefined, letter, name: 'Base' };
  const wholeCard = { ...base, name: 'Card' };
  const refs = [
    { ref: plan.base.stock, ...base },
    ...[...card.pieces, ...card.marks].flatMap((placed) => {
      const place = { pieceId: placed.id, letter: isMark(placed) ? '' : placed.letter };
      return itemsOf(placed.piece).map((ref) => ({ ref, ...place, name: placed.name }));
    }),
    ...plan.combinations.flatMap((combination) =>
      combinationItems(combination).map((ref) => ({ ref, ...wholeCard, name: combination.name })),
    ),
    ...plan.uses.map(({ item, pieceId }) => {
      const piece = card.pieces.find(({ id }) => id === pieceId);
      return piece
        ? { ref: item, pieceId: piece.id, letter: piece.letter, name: piece.name }
        : { ref: item, ...wholeCard };
    }),
    ...[envelopeItem(plan.post.envelope)].flatMap((ref) => (ref ? [{ ref, ...wholeCard }] : [])),
  ];
  const seen = new Set<string>();
  return refs.flatMap((each): UsedItem[] => {
    const key = `${each.ref.id} ${each.ref.version}`;
    const last = newestVersion(library, each.ref.id);
    if (seen.has(key) || !last) return [];
    seen.add(key);
    return [{ ...each, item: findItem(library, each.ref), newest: last }];
  });
}
