import { adhesive } from '../paper/adhesives';
import type { Paper, Zone } from '../plan/piece';
import { letterOf, type ResolvedCard } from '../resolve/resolvedCard';
import { countWords } from '../words/countWords';
import { joinWords } from '../words/phrases';

/**
 * By what a piece is stuck, and where something else holds it or nothing does.
 * @example 'foam sheet, but liquid glue over C'
 */
export function gluedWords(
  { attach, zones }: Pick<Paper, 'attach' | 'zones'>,
  card: ResolvedCard,
): string {
  // What is laid under all of it takes the place of all before.
  const last = zones.findLastIndex(({ where, over }) => where.at === 'all' && over === null);
  const base = zones[last]?.attach ?? attach;
  const others = zones
    .slice(last + 1)
    // Over what is gone a zone holds nothing.
    .filter(({ over }) => over === null || card.pieces.some(({ id }) => id === over))
    .map(({ where, over, attach: by }) =>
      [nameOf(by), whereWords(where), over && `over ${letterOf(card, over)}`]
        .filter((words) => words !== null && words !== '')
        .join(' '),
    );
  if (others.length === 0) return nameOf(base);
  return base === 'none'
    ? `${joinWords(others)} only`
    : `${nameOf(base)}, but ${joinWords(others)}`;
}

const nameOf = (by: Zone['attach']) => (by === 'none' ? 'nothing' : adhesive(by).name);

function whereWords(where: Zone['where']): string {
  switch (where.at) {
    case 'all':
      return '';
    case 'round':
      return 'all round';
    case 'sides':
      return `along the ${joinWords(where.sides)}`;
    case 'middle':
      return 'in the middle';
    case 'places':
      return `at ${countWords(where.places.length, 'place')}`;
  }
}
