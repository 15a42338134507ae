import { lengthFromTicks } from '../../length/length';
import type { ResolvedPiece } from '../../resolve/resolvedPiece';
import type { Rect } from '../../outline/outline';
import type { Side } from '../../plan/faces';
import { groupBySupport } from '../../resolve/groupBySupport';
import { findOnPair, type Finding, type Rule } from '../finding';

/** A cover counts as one that hides an end where it spans so much of it. */
const spans = 0.9;

/**
 * A panel whose end is to be hidden under another piece, and is hardly: it reaches less under it than is safe, or
 * leaves a slit. Two papers that meet edge to edge are meant so.
 */
export const shortEnd: Rule = {
  id: 'short-end',
  find: ({ plan, card }) => {
    const overlap = plan.habits.windowOverlap.ticks;
    const isPlain = ({ shape, piece }: ResolvedPiece) => !shape && piece.place.turn === 0;
    const plain = card.pieces.filter(isPlain);
    const groups = groupBySupport(plain);
    return plain.flatMap((piece): Finding[] => {
      const beside = groups.get(piece.support) ?? [];
      const covers = beside
        .slice(beside.indexOf(piece) + 1)
        .filter(({ face }) => face === piece.face);
      const [short] = covers.flatMap((cover) =>
        ends.flatMap((side) => {
          const reach = reachUnder(piece.rect, cover.rect, side);
          return reach !== undefined && reach !== 0 && Math.abs(reach) < overlap
            ? [{ cover, side, reach }]
            : [];
        }),
      );
      return short
        ? [
            findOnPair(
              piece,
              short.cover,
              'look',
              {
                rule: 'short-end',
                side: short.side,
                reach: lengthFromTicks(short.reach),
                overlap,
              },
              [],
            ),
          ]
        : [];
    });
  },
};

type Span = readonly [start: number, end: number];
const spanX = ({ x, width }: Rect): Span => [x, x + width];
const spanY = ({ y, height }: Rect): Span => [y, y + height];

const ends = ['left', 'top', 'right', 'bottom'] as const satisfies readonly Side[];

/**
 * How far the end of a piece reaches under a cover; negative where a slit is left. Undefined where the cover does not
 * lie across that end, or the piece comes out again on its other side.
 */
function reachUnder(piece: Rect, cover: Rect, side: Side): number | undefined {
  const isAcross = side === 'left' || side === 'right';
  const [spanAlong, spanBeside] = isAcross ? [spanX, spanY] : [spanY, spanX];
  const [beside, above] = [spanBeside(piece), spanBeside(cover)];
  const shared = Math.min(beside[1], above[1]) - Math.max(beside[0], above[0]);
  if (shared < spans * (beside[1] - beside[0])) return undefined;
  const [own, over] = [spanAlong(piece), spanAlong(cover)];
  const isNear = side === 'left' || side === 'top';
  const [end, near, far] = isNear ? [-own[0], -over[1], -over[0]] : [own[1], over[0], over[1]];
  const start = isNear ? -own[1] : own[0];
  // The cover lies at this end, not over the whole piece.
  return start < near && end <= far ? end - near : undefined;
}
