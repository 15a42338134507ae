import { longerOf, subtractLengths, zeroLength, type Length } from '../length/length';
import { adhesive, type Adhesive, type AdhesiveId } from '../paper/adhesives';
import type { Habits } from '../plan/habits';
import type { Paper } from '../plan/piece';
import { bendsOver, springAtRest } from '../tolerances';
import type { LaidPad } from './layPads';
import type { SupportId } from './origins';

/** One adhesive under a piece. */
export interface Bond {
  readonly adhesive: Adhesive;
  /** How high it lifts the piece, by the habit. */
  readonly height: Length;
  /** Where it lies, of a piece that is held by zones; undefined where it lies under all of the piece. */
  readonly pads: readonly Pad[] | undefined;
}

/** A pad under a piece, and what it stands on. */
export interface Pad extends LaidPad {
  /** The highest that is under it. */
  readonly on: SupportId;
  /** How high above the face its upper side is. */
  readonly top: Length;
}

/** What is told of how a piece is held. */
export interface Held {
  readonly bonds: readonly Bond[];
}

/** How a piece is held that is held by one adhesive under all of it. */
export function bondsOf({ attach }: Pick<Paper, 'attach'>, habits: Habits): readonly Bond[] {
  const height = habits.adhesiveHeights[attach].ticks;
  return [{ adhesive: adhesive(attach), height, pads: undefined }];
}

/** The highest adhesive decides how far a level piece is lifted. */
export function liftOf(bonds: readonly Bond[]): Length {
  return bonds.reduce<Length>((highest, { height }) => longerOf(highest, height), zeroLength);
}

/** How far a piece is lifted that its adhesives lift so far: one that wobbles stands on its spring at least. */
export function liftOfPiece({ motion }: Pick<Paper, 'motion'>, lift: Length): Length {
  return motion?.kind === 'wobbler' ? longerOf(lift, springAtRest) : lift;
}

/** Whether air is under a piece, so that it throws a shadow. */
export function isLifted({ bonds }: Held): boolean {
  return bonds.some(({ adhesive: { foam } }) => foam);
}

export function isHeldBy({ bonds }: Held, held: AdhesiveId): boolean {
  return bonds.some(({ adhesive: { id } }) => id === held);
}

/** Whether it is foam that is cut for its piece: squares under all of one come cut. */
export function isCutFoam({ adhesive: { id, foam }, pads }: Bond): boolean {
  return id === 'foam-sheet' || (foam && pads !== undefined);
}

/** Of a piece that is held by zones, all that is laid; undefined where one adhesive lies under all of it. */
export function padsOf({ bonds }: Held): readonly Pad[] | undefined {
  return bonds.some(({ pads }) => pads === undefined)
    ? undefined
    : bonds.flatMap(({ pads = [] }) => pads);
}

/** How far a pad is from reaching the piece; a gap that card bends over is none. */
export function gapOver({ foot }: { readonly foot: Length }, { top }: Pad): Length {
  const gap = subtractLengths(foot, top);
  return gap > bendsOver ? gap : zeroLength;
}
