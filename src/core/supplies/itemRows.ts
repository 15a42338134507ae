import type { LibraryItem } from '../plan/libraryItem';
import { findItem } from '../plan/library';
import { holdingOf } from '../stash/holdings';
import { lackingOf, unitOf, usedRow, usesOf, type SupplyInput, type SupplyRow } from './supplyRow';

/** The dies that pieces are cut with. */
export function dieRows({ card, library, holdings }: SupplyInput): readonly SupplyRow[] {
  const sets = new Map<string, SupplyRow>();
  for (const { piece, letter } of card.pieces) {
    if (piece.size.by !== 'die') continue;
    const item = findItem(library, piece.size.set);
    if (!item) continue;
    const row = sets.get(item.id) ?? usedRow(item, holdings, []);
    sets.set(item.id, { ...row, letters: [...row.letters, letter] });
  }
  return [...sets.values()];
}

/** The stamps that are printed and the stencils that are coloured through, each once. */
export function toolRows({ card, library, holdings }: SupplyInput): readonly SupplyRow[] {
  const rows = new Map<string, SupplyRow>();
  for (const { piece } of card.marks) {
    if (piece.kind !== 'image' && piece.kind !== 'stencil') continue;
    const item = findItem(library, piece.kind === 'image' ? piece.stamp : piece.stencil);
    if (item && !rows.has(item.id)) rows.set(item.id, usedRow(item, holdings, []));
  }
  return [...rows.values()];
}

/** Gems and dots that are of the stash, by the piece. */
export function dotRows(input: SupplyInput): readonly SupplyRow[] {
  const { card, library, holdings, plan } = input;
  const counts = new Map<string, { readonly item: LibraryItem; readonly one: number }>();
  for (const { piece } of card.marks) {
    const item = piece.kind === 'dot' && piece.item ? findItem(library, piece.item) : undefined;
    if (item) counts.set(item.id, { item, one: (counts.get(item.id)?.one ?? 0) + 1 });
  }
  return [...counts.values()].map(({ item, one }): SupplyRow => {
    const { count, isGone } = holdingOf(holdings, item.id);
    const owned = isGone ? 0 : (count ?? undefined);
    const batch = one * plan.making.copies;
    const lacking = lackingOf(batch, owned);
    return { ...usedRow(item, holdings, []), unit: unitOf(item), one, batch, owned, lacking };
  });
}

/** What is noted beside the panels, several notes on one item in one row; adhesives have theirs. */
export function notedRows(input: SupplyInput): readonly SupplyRow[] {
  const { card, holdings, plan } = input;
  const rows = new Map<string, SupplyRow>();
  for (const { use, item } of usesOf(input)) {
    if (item.kind === 'adhesive' || item.kind === 'stock') continue;
    const before = rows.get(item.id) ?? usedRow(item, holdings, []);
    const letter = card.pieces.find(({ id }) => id === use.pieceId)?.letter;
    const row = {
      ...before,
      letters: letter ? [...before.letters, letter] : before.letters,
      notes: use.note ? [...before.notes, use.note] : before.notes,
    };
    const one = (before.one ?? 0) + use.amount;
    const batch = one * plan.making.copies;
    const { count, isGone } = holdingOf(holdings, item.id);
    const owned = isGone ? 0 : (count ?? undefined);
    rows.set(
      item.id,
      one === 0 || unitOf(item) === 'use'
        ? row
        : { ...row, unit: unitOf(item), one, batch, owned, lacking: lackingOf(batch, owned) },
    );
  }
  return [...rows.values()];
}
