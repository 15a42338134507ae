import type { PieceId } from '../../core/plan/ids';
import type { ResolvedCard } from '../../core/resolve/resolvedCard';
import { isMark } from '../../core/resolve/outlineOf';
import { spokenName } from '../../core/resolve/spokenName';

interface Named {
  readonly id: PieceId;
  readonly name: string;
}

/**
 * The name of each thing on a card as one tells it from all others: of those called alike a paper has its letter beside its
 * name, anything else its number, counted from the front of its face; what is not drawn has its name alone.
 */
export function namesApart(card: ResolvedCard): (piece: Named) => string {
  const placed = [...card.pieces, ...card.marks];
  const often = new Map<string, number>();
  for (const each of placed) often.set(spokenName(each), (often.get(spokenName(each)) ?? 0) + 1);
  const counted = new Map<string, number>();
  const names = new Map<PieceId, string>();
  for (const each of placed.toReversed()) {
    const name = spokenName(each);
    const number = (counted.get(name) ?? 0) + 1;
    counted.set(name, number);
    const apart = isMark(each) ? String(number) : each.letter;
    names.set(each.id, (often.get(name) ?? 0) > 1 ? `${name} ${apart}` : name);
  }
  return ({ id, name }) => names.get(id) ?? name;
}
