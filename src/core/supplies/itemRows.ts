import { findItem } from '../plan/library';
import { writeLength } from '../length/formatLength';
import { TICKS_PER_MILLIMETRE } from '../length/length';
import { ribbonLength } from '../measuring/ribbonLength';
import { isRibbon } from '../resolve/ribbonParts';
import { capitalise } from '../words/phrases';
import {
  lackingOf,
  unitOf,
  unownedRow,
  usedRow,
  usesOf,
  type SupplyInput,
  type SupplyRow,
} from './supplyRow';

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

/** Gems and dots by the piece, be they of the stash or not, and the springs of what wobbles. */
export function dotRows(input: SupplyInput): readonly SupplyRow[] {
  const { card, library, holdings, plan } = input;
  const unit = plan.habits.leadingUnit;
  const rows = new Map<string, SupplyRow>();
  const addOne = (row: SupplyRow) => {
    const one = (rows.get(row.key)?.one ?? 0) + 1;
    const batch = one * plan.making.copies;
    rows.set(row.key, { ...row, one, batch, lacking: lackingOf(batch, row.owned) });
  };
  for (const { piece } of card.marks) {
    // Splatter is paint.
    if (piece.kind !== 'dot' || piece.look === 'splatter') continue;
    const item = piece.item ? findItem(library, piece.item) : undefined;
    const across = `${writeLength(piece.diameter.ticks, unit)} ${unit}`;
    addOne(
      item
        ? { ...usedRow(item, holdings, []), unit: unitOf(item) }
        : unownedRow(
            `${piece.look} ${piece.diameter.ticks}`,
            `${capitalise(piece.look)}, ${across}`,
            'embellishments',
            'piece',
          ),
    );
  }
  for (const { piece } of card.pieces) {
    if (piece.motion?.kind !== 'wobbler') continue;
    const { ticks } = piece.motion.spring;
    const name = `Spring, ${writeLength(ticks, unit)} ${unit}`;
    addOne(unownedRow(`spring ${ticks}`, name, 'embellishments', 'piece'));
  }
  return [...rows.values()];
}

/** Ribbon and twine, as much as goes over, round and into the bow; of the stash or not. */
export function ribbonRows({ card, library, holdings, plan }: SupplyInput): readonly SupplyRow[] {
  const unit = plan.habits.leadingUnit;
  const rows = new Map<string, SupplyRow>();
  for (const ribbon of card.marks.filter(isRibbon)) {
    const { look, width, item: ref } = ribbon.piece;
    const item = ref ? findItem(library, ref) : undefined;
    const name = `${capitalise(look)}, ${writeLength(width.ticks, unit)} ${unit}`;
    const row = item
      ? { ...usedRow(item, holdings, []), unit: unitOf(item) }
      : unownedRow(`${look} ${width.ticks}`, name, 'embellishments', 'm');
    const metres = ribbonLength(card, ribbon).whole / (1000 * TICKS_PER_MILLIMETRE);
    const one = (rows.get(row.key)?.one ?? 0) + metres;
    const batch = one * plan.making.copies;
    rows.set(row.key, { ...row, one, batch, lacking: lackingOf(batch, row.owned) });
  }
  return [...rows.values()];
}

/** The envelope each card is sent in. */
export function envelopeRows({ envelope, holdings, plan }: SupplyInput): readonly SupplyRow[] {
  if (!envelope) return [];
  const { name, item, isMade } = envelope;
  const row = item
    ? { ...usedRow(item, holdings, []), unit: unitOf(item) }
    : unownedRow(`envelope ${name}`, name, 'envelopes', 'piece');
  const batch = plan.making.copies;
  const owned = isMade ? undefined : row.owned;
  return [{ ...row, owned, one: 1, batch, lacking: lackingOf(batch, owned) }];
}

/** What sending each card costs. */
export function postageRows({ postage, plan }: SupplyInput): readonly SupplyRow[] {
  if (!postage) return [];
  const row = unownedRow(`postage ${postage.class}`, postage.name, 'postage', 'piece');
  return [{ ...row, price: postage.price, one: 1, batch: plan.making.copies }];
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
    rows.set(
      item.id,
      one === 0 || unitOf(item) === 'use'
        ? row
        : { ...row, unit: unitOf(item), one, batch, lacking: lackingOf(batch, row.owned) },
    );
  }
  return [...rows.values()];
}
