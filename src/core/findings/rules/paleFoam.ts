import { labOf } from '../../colour/lab';
import { isUnknown } from '../../kinds/paint';
import { zeroLength, type Length } from '../../length/length';
import { boundsOf } from '../../outline/outline';
import { sides, type Side } from '../../plan/faces';
import type { Habits } from '../../plan/habits';
import { padsOf } from '../../resolve/bond';
import { outlineOf } from '../../resolve/outlineOf';
import type { ResolvedPiece } from '../../resolve/resolvedPiece';
import { paleFoamUnder } from '../../tolerances';
import { findOn, type Finding, type Rule } from '../finding';

/** White foam near the edge of a dark piece: from the side it is seen as a pale line. */
export const paleFoam: Rule = {
  id: 'pale-foam',
  find: ({ plan, card }) =>
    card.pieces.flatMap((piece): Finding[] => {
      const { paint } = piece;
      if (isUnknown(paint) || labOf(paint.colour).l >= paleFoamUnder) return [];
      const { sides: seen, height } = edgesOf(piece, plan.habits);
      if (seen.length === 0) return [];
      const inset = plan.habits.foamInset.ticks;
      // Under the edge one sees the foam from as low as its height is to how far in it stands.
      const from = Math.round((Math.atan2(height, inset) * 180) / Math.PI);
      return [findOn(piece, 'look', { rule: 'pale-foam', sides: seen, from }, [])];
    }),
};

/** The sides of a piece with foam at their edge, and how high that is. */
function edgesOf(
  piece: ResolvedPiece,
  { foamInset }: Habits,
): { readonly sides: readonly Side[]; readonly height: Length } {
  const foams = piece.bonds.filter(({ adhesive }) => adhesive.foam);
  const height = foams.reduce<Length>(
    (most, bond) => (bond.height > most ? bond.height : most),
    zeroLength,
  );
  if (foams.length === 0) return { sides: [], height };
  if (!padsOf(piece)) return { sides, height };
  const own = boundsOf(outlineOf(piece));
  const foam = boundsOf(foams.flatMap(({ pads = [] }) => pads.flatMap(({ outline }) => outline)));
  const off = {
    left: foam.x0 - own.x0,
    top: foam.y0 - own.y0,
    right: own.x1 - foam.x1,
    bottom: own.y1 - foam.y1,
  };
  // What is centred in whole squares may stand a little further in than the inset.
  return { sides: sides.filter((side) => off[side] <= 3 * foamInset.ticks), height };
}
