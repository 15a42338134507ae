import { longerOf, sumLengths, zeroLength, type Length } from '../length/length';
import { meets } from '../outline/distance';
import type { Plate, Stack } from './plate';

/** A plate as one tells it that comes from no card: what it lies on, and how far it is lifted off that. */
export interface LoosePlate extends Omit<Plate, 'foot' | 'held'> {
  /** The plate it is stuck to; undefined for the face itself. */
  readonly on: string | undefined;
  readonly lift: Length;
  /** The name of what lifts it; undefined where that is air. */
  readonly held: string | undefined;
}

/**
 * Plates with the height they come to lie at, one after the other: lifted off what each is stuck to, and level on the
 * highest it crosses where that is higher by more than it bends over.
 * @param bendsOver a step so high raises nothing
 */
export function settleStack(
  { plates, ...card }: Omit<Stack, 'plates'> & { readonly plates: readonly LoosePlate[] },
  bendsOver: Length,
): Stack {
  const laid: Plate[] = [];
  const topOf = ({ foot, caliper }: Plate) => sumLengths(foot, caliper);
  for (const { on, lift, held: name, ...plate } of plates) {
    const support = laid.find(({ id }) => id === on);
    const own = sumLengths(support ? topOf(support) : zeroLength, lift);
    const foot = laid
      .filter((other) => other !== support && other.face === plate.face)
      .filter((other) => topOf(other) - own > bendsOver && meets(other.outline, plate.outline))
      .reduce((highest, other) => longerOf(highest, topOf(other)), own);
    const held = name === undefined ? undefined : { name, height: lift };
    laid.push({ ...plate, foot, held });
  }
  return { ...card, plates: laid };
}
