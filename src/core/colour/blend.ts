import { seenMixed, type Coat } from './seenOver';

/** An ink of a blend, and from where to where along the way it reaches, from 0 to 1. */
export interface Reach {
  readonly coat: Coat;
  readonly from: number;
  readonly to: number;
}

/** How far an ink that meets no other fades out at its end, of the whole way; from memory. */
const fade = 0.08;

/**
 * How much of each ink lies at a place along the way: all of it within its reach, less where another overlaps it, from one
 * to the other across their overlap; fading at an end that meets nothing, but at the ends of the way itself.
 */
export function sharesAt(reaches: readonly Reach[], at: number): readonly number[] {
  const own = reaches.map((reach, index) => {
    const { from, to } = reach;
    if (at < from || at > to) return 0;
    const before = reaches.filter(
      (other, i) => i !== index && other.from < from && other.to > from,
    );
    const after = reaches.filter((other, i) => i !== index && other.to > to && other.from < to);
    const risesTo =
      before.length > 0 ? Math.max(...before.map((other) => Math.min(other.to, to))) : from + fade;
    const fallsFrom =
      after.length > 0 ? Math.min(...after.map((other) => Math.max(other.from, from))) : to - fade;
    const rise =
      from <= 0 && before.length === 0 ? 1 : (at - from) / Math.max(risesTo - from, 1e-9);
    const fall = to >= 1 && after.length === 0 ? 1 : (to - at) / Math.max(to - fallsFrom, 1e-9);
    return Math.max(0, Math.min(1, rise, fall));
  });
  const sum = own.reduce((total, share) => total + share, 0);
  return sum > 1 ? own.map((share) => share / sum) : own;
}

/** Places at which a blend is looked at, beside the ends of its inks. */
const steps = 24;

/** A blend over a ground as it is seen, from its beginning to its end. */
export function blendColours(
  ground: string,
  reaches: readonly Reach[],
): readonly { readonly at: number; readonly colour: string }[] {
  const places = new Set([
    ...Array.from({ length: steps + 1 }, (_, index) => index / steps),
    ...reaches.flatMap(({ from, to }) => [from, to]),
  ]);
  return [...places]
    .toSorted((a, b) => a - b)
    .map((at) => ({ at, colour: blendedAt(ground, reaches, at) }));
}

/** What is seen of a blend at one place. */
export function blendedAt(ground: string, reaches: readonly Reach[], at: number): string {
  const shares = sharesAt(reaches, at);
  return seenMixed(
    ground,
    reaches.map(({ coat }, index) => ({ ...coat, share: shares[index] ?? 0 })),
  );
}
