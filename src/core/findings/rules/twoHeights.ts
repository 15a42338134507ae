import { lengthFromTicks, subtractLengths, sumLengths } from '../../length/length';
import { isWithin, touches } from '../../outline/distance';
import { boundsOf, boxesOverlap } from '../../outline/outline';
import { outlineOf } from '../../resolve/outlineOf';
import { adhesives } from '../../paper/adhesives';
import type { ResolvedCard, ResolvedPiece } from '../../resolve/resolvedCard';
import { bendsOver } from '../../tolerances';
import { findOnPiece, type Finding, type Remedy, type Rule } from '../finding';

/**
 * A piece that lies with one end on something lifted and with the other on the panel: it stands aslant, or
 * needs foam of that height at the other end. What card bends over does not count.
 */
export const twoHeights: Rule = {
  id: 'two-heights',
  find: ({ plan, card }) =>
    card.pieces.flatMap((piece): Finding[] => {
      const higher = under(card, piece)
        .map((other) => ({ other, by: subtractLengths(topOf(other), piece.foot) }))
        .filter(({ by }) => by > bendsOver)
        .toSorted((a, b) => b.by - a.by)[0];
      if (!higher) return [];
      const { other, by } = higher;
      const wanted = sumLengths(piece.lift, by);
      const high = adhesives.find(({ id }) => plan.habits.adhesiveHeights[id].ticks >= wanted);
      const lift: readonly Remedy[] = high
        ? [
            {
              id: 'level',
              size: undefined,
              reveals: undefined,
              edit: { kind: 'change-piece', id: piece.id, change: { attach: high.id } },
            },
          ]
        : [];
      return [
        findOnPiece(
          piece,
          'look',
          { rule: 'two-heights', by: other.name, height: lengthFromTicks(by) },
          lift,
        ),
      ];
    }),
};

const topOf = ({ foot, caliper }: ResolvedPiece) => sumLengths(foot, caliper);

/** What was put on before on the same support and is partly under the piece; what is under all of it carries it. */
function under(card: ResolvedCard, piece: ResolvedPiece): readonly ResolvedPiece[] {
  const at = card.pieces.indexOf(piece);
  const before = card.pieces
    .slice(0, at)
    .filter(({ face, support }) => face === piece.face && support === piece.support);
  if (before.length === 0) return [];
  const outline = outlineOf(piece);
  const bounds = boundsOf(outline);
  return before.filter((other) => {
    const own = outlineOf(other);
    return boxesOverlap(boundsOf(own), bounds) && touches(own, outline) && !isWithin(outline, own);
  });
}
