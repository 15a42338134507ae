import { growOutline } from '../outline/polygons';
import { isHeldBy } from '../resolve/bond';
import { outlineOf } from '../resolve/outlineOf';
import type { Outline } from '../outline/outline';
import type { PieceId } from '../plan/ids';
import type { Plan } from '../plan/plan';
import type { ResolvedCard } from '../resolve/resolvedCard';

/** The foam sheet under one piece. */
export interface FoamOutline {
  readonly id: PieceId;
  readonly letter: string;
  readonly name: string;
  /** On the face; empty where the piece is too narrow for any foam to be hidden under it. */
  readonly outline: Outline;
}

/** The foam sheets of a card: each piece that lies on one, smaller on every side by the habit, its windows larger. */
export function foamOutlines({ habits }: Plan, card: ResolvedCard): readonly FoamOutline[] {
  return card.pieces
    .filter((piece) => isHeldBy(piece, 'foam-sheet'))
    .map((placed) => ({
      id: placed.id,
      letter: placed.letter,
      name: placed.name,
      outline: growOutline(outlineOf(placed), -habits.foamInset.ticks),
    }));
}
