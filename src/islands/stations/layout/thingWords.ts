import type { Clearance } from '../../../core/measuring/rulerFigures';
import { isMark, type Placed } from '../../../core/resolve/outlineOf';
import { kindOf } from '../../../core/kinds/kinds';
import { writeLength, writeSize } from '../../../core/length/formatLength';
import type { Unit } from '../../../core/length/length';
import { letteredName } from '../../../core/resolve/spokenName';
import { fillsBox } from '../../../core/tolerances';
import { letterOf, type ResolvedCard } from '../../../core/resolve/resolvedCard';

/** What sort of thing a piece is, as one says it. */
export function sortOf(placed: Placed): string {
  if (!isMark(placed)) return placed.shape ? 'die cut' : 'panel';
  return kindOf(placed.piece).sortOf(placed);
}

export function sizeWords({ rect }: Placed, unit: Unit): string {
  return `${writeSize(rect, unit)}`;
}

/** What a piece lies on: the base, or a piece by its letter and name. */
export function supportName(card: ResolvedCard, { support }: Placed): string {
  if (support === 'base') return 'the base';
  const name = card.pieces.find(({ id }) => id === support)?.name ?? '';
  return `${name} ${letterOf(card, support)}`.trim();
}

/** The nearest of what lies beside a piece. */
export function nearestWords(clearances: readonly Clearance[], unit: Unit): string | undefined {
  const [nearest] = clearances;
  if (!nearest) return undefined;
  const { other, distance } = nearest;
  const name = letteredName(other);
  return distance <= fillsBox
    ? `It touches ${name}.`
    : `Nearest is ${name}, ${writeLength(distance, unit)} away.`;
}

/** How much of a piece is seen, where it is not all. */
export function seenWords(part: number): string {
  const percent = Math.round(part * 100);
  if (percent >= 100) return '';
  return percent === 0 ? 'Nothing of it is seen.' : `${percent} % of it is seen.`;
}
