import { touches } from '../outline/distance';
import type { ResolvedScene, ResolvedStrip } from '../resolve/resolvedScene';
import { fewestCover } from './fewestCover';

/** In which turns strips are lifted and inked. */
export interface StripTurns {
  /** Strips open together in each turn; no two of them lie side by side. */
  readonly turns: readonly (readonly ResolvedStrip[])[];
  /** Those that are laid back once their ink is dry; the others stay open to the end. */
  readonly laidBack: readonly ResolvedStrip[];
  /** Fewer cannot be laid back. */
  readonly isProven: boolean;
}

/**
 * The turns that lay back the fewest strips, and none on wet ink: neighbours are never open together, so of two that lie
 * side by side one is laid back before the other is lifted. Those laid back are a smallest cover of the neighbours; the
 * others are all lifted in the last turn. A strip that nothing is inked in stays on to the end.
 */
export function stripTurns({ strips, inked }: Pick<ResolvedScene, 'strips' | 'inked'>): StripTurns {
  const worked = strips.filter(
    ({ id, area }) => area > 0 && inked.some((mark) => mark.strips.includes(id)),
  );
  const neighbours = worked.flatMap((one, at) =>
    worked
      .slice(at + 1)
      .flatMap((other, by): readonly (readonly [number, number])[] =>
        touches(one.outline, other.outline) ? [[at, at + 1 + by]] : [],
      ),
  );
  const { members, isProven } = fewestCover(
    worked.map(() => 1),
    neighbours,
  );
  const areNeighbours = (a: number, b: number) =>
    neighbours.some(([one, other]) => (one === a && other === b) || (one === b && other === a));
  const turns: number[][] = [];
  for (const at of members) {
    const turn = turns.find((each) => each.every((other) => !areNeighbours(at, other)));
    if (turn) turn.push(at);
    else turns.push([at]);
  }
  const stripsAt = (places: readonly number[]) => places.flatMap((at) => worked[at] ?? []);
  const last = worked.filter((_, at) => !members.includes(at));
  return {
    turns: [...turns.map(stripsAt), ...(last.length > 0 ? [last] : [])],
    laidBack: stripsAt(members),
    isProven,
  };
}
