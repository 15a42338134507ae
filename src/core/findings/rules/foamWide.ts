import { lengthFromTicks } from '../../length/length';
import { lineDistance } from '../../outline/distance';
import { outlineOf } from '../../resolve/outlineOf';
import { splitWindows } from '../../outline/splitWindows';
import { isHeldBy, isLifted } from '../../resolve/bond';
import type { ResolvedPiece } from '../../resolve/resolvedPiece';
import { findOn, type Finding, type Rule } from '../finding';
import { deed } from '../remedy';
import { holdAllBy } from '../../plan/holdAllBy';

/** A rim, or a strip, narrower than the foam that is to be hidden under it. A foam sheet is cut to the piece. */
export const foamWide: Rule = {
  id: 'foam-wide',
  find: ({ plan, card }) => {
    const foam = plan.habits.foamStrip.ticks;
    return card.pieces.flatMap((piece): Finding[] => {
      if (!isLifted(piece) || isHeldBy(piece, 'foam-sheet')) return [];
      const rim = lengthFromTicks(Math.floor(narrowestOf(piece)));
      if (rim >= foam) return [];
      return [
        findOn(piece, 'look', { rule: 'foam-wide', rim, foam }, [
          deed('foam-sheet', holdAllBy(piece.piece, 'foam-sheet')),
          deed('flat', holdAllBy(piece.piece, 'liquid')),
        ]),
      ];
    });
  },
};

/** Between a window and the edge of a frame; the shorter side of what has no window. */
function narrowestOf(piece: ResolvedPiece): number {
  const { rims, windows } = splitWindows(outlineOf(piece));
  if (windows.length === 0) return Math.min(piece.rect.width, piece.rect.height);
  return Math.min(...windows.flatMap((window) => rims.map((rim) => lineDistance(window, rim))));
}
