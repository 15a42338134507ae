import { longerOf, zeroLength, type Length } from '../length/length';
import { adhesive, type Adhesive, type AdhesiveId } from '../paper/adhesives';
import type { Habits } from '../plan/habits';
import type { Paper } from '../plan/piece';
import { springAtRest } from '../tolerances';

/** One adhesive under a piece. */
export interface Bond {
  readonly adhesive: Adhesive;
  /** How high it lifts the piece, by the habit. */
  readonly height: Length;
}

/** How a piece is held: by one adhesive under all of it. */
export function bondsOf({ attach }: Pick<Paper, 'attach'>, habits: Habits): readonly Bond[] {
  return [{ adhesive: adhesive(attach), height: habits.adhesiveHeights[attach].ticks }];
}

/** The highest adhesive decides how far a level piece is lifted. */
export function liftOf(bonds: readonly Bond[]): Length {
  return bonds.reduce<Length>((highest, { height }) => longerOf(highest, height), zeroLength);
}

/** How far a piece is lifted: one that wobbles stands on its spring at least. */
export function liftOfPiece({ motion }: Pick<Paper, 'motion'>, bonds: readonly Bond[]): Length {
  const lift = liftOf(bonds);
  return motion?.kind === 'wobbler' ? longerOf(lift, springAtRest) : lift;
}

/** Whether air is under a piece, so that it throws a shadow. */
export function isLifted({ bonds }: { readonly bonds: readonly Bond[] }): boolean {
  return bonds.some(({ adhesive: { foam } }) => foam);
}

export function isHeldBy(
  { bonds }: { readonly bonds: readonly Bond[] },
  held: AdhesiveId,
): boolean {
  return bonds.some(({ adhesive: { id } }) => id === held);
}
