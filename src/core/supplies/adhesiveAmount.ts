import { TICKS_PER_MILLIMETRE, type Size } from '../length/length';
import { adhesive, type AdhesiveId } from '../paper/adhesives';
import type { Habits } from '../plan/habits';
import type { Bond } from '../resolve/bond';

const ticksPerMetre = 1000 * TICKS_PER_MILLIMETRE;
const ticksPerDecimetre = ticksPerMetre / 10;

/** So many squares hold the corners, however small the piece; common practice. */
const fewestPieces = 4;

/**
 * How much of an adhesive one piece takes, in the unit it is bought by: metres or millilitres along its
 * edge, or whole pieces over its area, but at least one at each corner.
 * @example adhesiveAmount('tape', { width: 100 mm, height: 150 mm }, habits) // 0.5 (metres)
 */
export function adhesiveAmount(id: AdhesiveId, { width, height }: Size, habits: Habits): number {
  const { by, unit } = adhesive(id);
  const rate = habits.adhesiveRates[id];
  const measure =
    by === 'edge'
      ? (2 * (width + height)) / ticksPerMetre
      : (width / ticksPerDecimetre) * (height / ticksPerDecimetre);
  if (unit !== 'piece') return measure * rate;
  return rate === 0 ? 0 : Math.max(fewestPieces, Math.ceil(measure * rate - roundingSlack));
}

/** Areas computed in floats may come out a hair over a whole number of pieces. */
const roundingSlack = 1e-9;

/**
 * How much of an adhesive lies under one piece, in the unit it is bought by: what its pads take where it is held by zones,
 * else what one takes that is held by it all over.
 */
export function adhesiveUnder(
  { rect, bonds }: { readonly rect: Size; readonly bonds: readonly Bond[] },
  id: AdhesiveId,
  habits: Habits,
): number {
  const bond = bonds.find((each) => each.adhesive.id === id);
  if (!bond) return 0;
  if (!bond.pads) return adhesiveAmount(id, rect, habits);
  const rate = habits.adhesiveRates[id];
  if (bond.adhesive.by === 'edge')
    return (bond.pads.reduce((sum, { length }) => sum + length, 0) / ticksPerMetre) * rate;
  if (id !== 'foam-sheet')
    return rate === 0 ? 0 : bond.pads.reduce((sum, { squares }) => sum + squares, 0);
  const area = bond.pads.reduce((sum, { length, width }) => sum + length * width, 0);
  return Math.ceil((area / ticksPerDecimetre ** 2) * rate - roundingSlack);
}
