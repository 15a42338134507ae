import { lengthFromTicks, subtractLengths, sumLengths } from '../../length/length';
import { isWithin, meets } from '../../outline/distance';
import { outlineOf } from '../../resolve/outlineOf';
import { adhesives } from '../../paper/adhesives';
import type { Zone } from '../../plan/piece';
import { adhesiveSoHigh } from '../../resolve/adhesiveSoHigh';
import { padsOf } from '../../resolve/bond';
import { groupBySupport } from '../../resolve/groupBySupport';
import { topOf } from '../../resolve/topOf';
import type { ResolvedPiece } from '../../resolve/resolvedPiece';
import { bendsOver } from '../../tolerances';
import { findOnPair, type Finding, type Rule } from '../finding';
import { deed, type Remedy } from '../remedy';
import { changePiece } from '../../plan/pieceEdits';

/**
 * A piece that lies with one end on something lifted and with the other on the panel: it stands aslant, or
 * needs foam of that height at the other end. What card bends over does not count.
 */
export const twoHeights: Rule = {
  id: 'two-heights',
  find: ({ plan, card }) => {
    const groups = groupBySupport(card.pieces);
    return card.pieces.flatMap((piece): Finding[] => {
      // Of what is held by zones each pad is looked at.
      if (padsOf(piece)) return [];
      const [highest] = under(piece, groups.get(piece.support) ?? []).toSorted(
        (a, b) => topOf(b) - topOf(a),
      );
      if (!highest) return [];
      const by = subtractLengths(topOf(highest), ownFoot(piece));
      const wanted = sumLengths(piece.lift, by);
      const foam = adhesiveSoHigh(wanted, plan.habits, foams);
      // Foam as high as what it crosses, and glue where it lies on that.
      const glued: Zone = { where: { at: 'all' }, over: highest.id, attach: 'liquid' };
      const lift: readonly Remedy[] = foam
        ? [deed('level', changePiece(piece.piece, { attach: foam, zones: [glued] }))]
        : [];
      return [
        findOnPair(
          piece,
          highest,
          'look',
          { rule: 'two-heights', height: lengthFromTicks(by) },
          lift,
        ),
      ];
    });
  },
};

const foams = adhesives.filter(({ foam }) => foam);

/** As high as its adhesive holds it over the paper it is glued to. */
const ownFoot = ({ foot, raised }: ResolvedPiece) => subtractLengths(foot, raised);

/**
 * What was put on before beside a piece, is too high for card to bend over and partly under the piece; what is under
 * all of it carries it. Heights go first, as they are told sooner than lines.
 */
function under(piece: ResolvedPiece, beside: readonly ResolvedPiece[]): readonly ResolvedPiece[] {
  const before = beside
    .slice(0, beside.indexOf(piece))
    .filter((other) => other.face === piece.face && topOf(other) - ownFoot(piece) > bendsOver);
  if (before.length === 0) return [];
  const outline = outlineOf(piece);
  return before.filter((other) => {
    const own = outlineOf(other);
    return meets(own, outline) && !isWithin(outline, own);
  });
}
