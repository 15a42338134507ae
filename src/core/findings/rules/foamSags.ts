import { lengthFromTicks } from '../../length/length';
import { contains, distanceToLines } from '../../outline/distance';
import { boundsOf } from '../../outline/outline';
import type { Zone } from '../../plan/piece';
import { holdAllBy } from '../../plan/holdAllBy';
import { changePiece } from '../../plan/pieceEdits';
import { mostZones } from '../../plan/zones';
import { isLifted, padsOf, type Pad } from '../../resolve/bond';
import { outlineOf } from '../../resolve/outlineOf';
import type { ResolvedPiece } from '../../resolve/resolvedPiece';
import { sagsBeyond } from '../../tolerances';
import { findOn, type Finding, type Rule } from '../finding';
import { deed } from '../remedy';

/** A large piece on foam that has nothing under its middle: it sags as it is pressed in the post. */
export const foamSags: Rule = {
  id: 'foam-sags',
  find: ({ card }) =>
    card.pieces.flatMap((piece): Finding[] => {
      const pads = padsOf(piece);
      // What is glued to one flap of a gate hangs free over the other.
      if (!pads || pads.length === 0 || !isLifted(piece) || piece.crossesGate) return [];
      const free = farthestFrom(pads, piece);
      if (free <= sagsBeyond) return [];
      const { zones, attach } = piece.piece;
      const foam = piece.bonds.find(({ adhesive }) => adhesive.foam)?.adhesive.id ?? attach;
      const middle: Zone = { where: { at: 'middle' }, over: null, attach: foam };
      return [
        findOn(piece, 'look', { rule: 'foam-sags', free: lengthFromTicks(Math.floor(free)) }, [
          ...(zones.length < mostZones
            ? [deed('foam-middle', changePiece(piece.piece, { zones: [...zones, middle] }))]
            : []),
          deed('foam-sheet', holdAllBy(piece.piece, 'foam-sheet')),
        ]),
      ];
    }),
};

/** So many places of a piece are looked at each way; odd, so that its middle is one. */
const looks = 13;

/** How far the place of a piece that is furthest from all pads is from the nearest of them, in ticks. */
function farthestFrom(pads: readonly Pad[], piece: ResolvedPiece): number {
  const outline = outlineOf(piece);
  const { x0, y0, x1, y1 } = boundsOf(outline);
  const places = Array.from({ length: looks ** 2 }, (_, at) => ({
    x: x0 + ((x1 - x0) * ((at % looks) + 0.5)) / looks,
    y: y0 + ((y1 - y0) * (Math.floor(at / looks) + 0.5)) / looks,
  })).filter((place) => contains(outline, place));
  return Math.max(
    0,
    ...places.map((place) => Math.min(...pads.map((pad) => distanceToLines(place, pad.outline)))),
  );
}
