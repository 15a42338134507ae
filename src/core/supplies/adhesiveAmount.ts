import { TICKS_PER_MILLIMETRE, type Size } from '../length/length';
import { adhesive, type AdhesiveId } from '../paper/adhesives';
import type { Habits } from '../plan/habits';

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
