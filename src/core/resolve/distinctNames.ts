import { spokenName } from './spokenName';
import type { ResolvedCard } from './resolvedCard';

/** The names of each card's marks by their ids; a card never changes. */
const known = new WeakMap<ResolvedCard, ReadonlyMap<string, string>>();

/**
 * How one speaks of each mark, so that it is told from others of the same name on its paper: those are numbered from the
 * left. What the card has no mark of is told by its id.
 * @example distinctName(card, 'barrow-2') // 'Barrow 2'
 */
export function distinctName(card: ResolvedCard, id: string): string {
  const names = known.get(card) ?? namesOf(card);
  known.set(card, names);
  return names.get(id) ?? card.pieces.find((piece) => piece.id === id)?.name ?? id;
}

function namesOf({ marks }: ResolvedCard): ReadonlyMap<string, string> {
  const alike = new Map<string, (typeof marks)[number][]>();
  for (const mark of marks) {
    const key = `${mark.face} ${mark.support} ${spokenName(mark)}`;
    const own = alike.get(key);
    if (own) own.push(mark);
    else alike.set(key, [mark]);
  }
  return new Map(
    [...alike.values()].flatMap((own) =>
      own
        .toSorted((a, b) => a.rect.x - b.rect.x)
        .map((mark, at): [string, string] => [
          mark.id,
          own.length > 1 ? `${spokenName(mark)} ${at + 1}` : spokenName(mark),
        ]),
    ),
  );
}
