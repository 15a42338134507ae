import { adhesives, type Adhesive, type AdhesiveId } from '../paper/adhesives';
import type { Habits } from '../plan/habits';
import { bendsOver } from '../tolerances';

/**
 * The adhesive whose height is nearest to one that is wanted, in ticks; undefined where card would not bend over what is
 * missing.
 * @param among all there are, unless told otherwise
 */
export function adhesiveSoHigh(
  wanted: number,
  { adhesiveHeights }: Habits,
  among: readonly Adhesive[] = adhesives,
): AdhesiveId | undefined {
  const off = ({ id }: Adhesive) => Math.abs(adhesiveHeights[id].ticks - wanted);
  const [nearest] = among.toSorted((a, b) => off(a) - off(b));
  return nearest && off(nearest) <= bendsOver ? nearest.id : undefined;
}
