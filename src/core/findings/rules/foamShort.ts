import { adhesive, type AdhesiveId } from '../../paper/adhesives';
import { longerOf, zeroLength, type Length } from '../../length/length';
import type { Habits } from '../../plan/habits';
import { changePiece } from '../../plan/pieceEdits';
import { withAdhesives } from '../../plan/withAdhesives';
import { adhesiveSoHigh } from '../../resolve/adhesiveSoHigh';
import { gapOver, padsOf, type Pad } from '../../resolve/bond';
import type { ResolvedPiece } from '../../resolve/resolvedPiece';
import { findOn, type Finding, type Rule } from '../finding';
import { deed, type Remedy } from '../remedy';

/** Pads that do not reach the piece they are to hold, since others under it stand higher. */
export const foamShort: Rule = {
  id: 'foam-short',
  find: ({ plan, card }) =>
    card.pieces.flatMap((piece): Finding[] => {
      const pads = padsOf(piece) ?? [];
      const short = pads.filter((pad) => gapOver(piece, pad) > 0 && !isFoot(pad));
      if (short.length === 0) return [];
      const gap = short.reduce<Length>(
        (most, pad) => longerOf(most, gapOver(piece, pad)),
        zeroLength,
      );
      const data = { rule: 'foam-short', gap, short: short.length, pads: pads.length } as const;
      return [findOn(piece, 'look', data, levelled(piece, short, plan.habits))];
    }),
};

/** Glued flat along a side, a piece bends down to it: it is to stand off at the others only. */
function isFoot({ adhesive: id, at }: Pad): boolean {
  return at === 'sides' && !adhesive(id).foam;
}

/** Foam that reaches, for each that does not; none where no foam is as high. */
function levelled(
  { piece, foot }: ResolvedPiece,
  short: readonly Pad[],
  habits: Habits,
): readonly Remedy[] {
  const reaching = new Map<AdhesiveId, AdhesiveId>();
  for (const { adhesive: id, top } of short) {
    const high = adhesiveSoHigh(foot - top + habits.adhesiveHeights[id].ticks, habits);
    const known = reaching.get(id);
    if (high === undefined || (known !== undefined && known !== high)) return [];
    reaching.set(id, high);
  }
  const level = withAdhesives(piece, (id) => reaching.get(id) ?? id);
  return [deed('level', changePiece(piece, level))];
}
