import type { Outline } from '../outline/outline';
import { growOutline, uniteOutlines } from '../outline/polygons';
import type { AdhesiveId } from '../paper/adhesives';
import type { PieceId } from '../plan/ids';
import type { Plan } from '../plan/plan';
import { isCutFoam, type Bond } from '../resolve/bond';
import { outlineOf } from '../resolve/outlineOf';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { ResolvedPiece } from '../resolve/resolvedPiece';

/** One foam under one piece. */
export interface FoamOutline {
  readonly id: PieceId;
  readonly letter: string;
  readonly name: string;
  readonly foam: AdhesiveId;
  /** So many strips and squares; zero for a sheet. */
  readonly pads: number;
  /** On the face; empty where the piece is too narrow for any foam to be hidden under it. */
  readonly outline: Outline;
}

/** The foam that is cut for a card: sheets, and the strips and squares of pieces that are held by zones. */
export function foamOutlines(plan: Plan, card: ResolvedCard): readonly FoamOutline[] {
  return card.pieces.flatMap((placed) =>
    placed.bonds.filter(isCutFoam).map((bond): FoamOutline => {
      const isSheet = bond.adhesive.id === 'foam-sheet';
      return {
        id: placed.id,
        letter: placed.letter,
        name: placed.name,
        foam: bond.adhesive.id,
        pads: isSheet ? 0 : (bond.pads?.length ?? 0),
        outline: foamOf(placed, bond, plan),
      };
    }),
  );
}

/** A sheet is smaller than its piece on every side by the habit, its windows larger. */
function foamOf(piece: ResolvedPiece, { adhesive, pads }: Bond, { habits }: Plan): Outline {
  if (!pads) return growOutline(outlineOf(piece), -habits.foamInset.ticks);
  const outlines = pads.map(({ outline }) => outline);
  return adhesive.id === 'foam-sheet' ? uniteOutlines(outlines) : outlines.flat();
}
