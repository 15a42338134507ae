import { touches } from '../outline/distance';
import type { ResolvedScene, ResolvedStrip } from '../resolve/resolvedScene';
import { fewestCover } from './fewestCover';

/** In which turns strips are lifted and inked. */
export interface StripTurns {
  /** Strips open together in each turn. */
  readonly turns: readonly (readonly ResolvedStrip[])[];
  /** Those that are laid back once their ink is dry; the others stay open to the end. */
  readonly laidBack: readonly ResolvedStrip[];
  /** So few are laid back in the best turns there are. */
  readonly fewest: number;
  /** Fewer cannot be laid back. */
  readonly isProven: boolean;
  /** Set by hand. */
  readonly isSet: boolean;
  /** Neighbours that are open together, so that the ink of one runs into the other. */
  readonly together: readonly (readonly [ResolvedStrip, ResolvedStrip])[];
}

type Turned = Pick<ResolvedScene, 'strips' | 'inked' | 'turns'>;
type Pair = readonly [ResolvedStrip, ResolvedStrip];

/**
 * The turns set by hand; else those that lay back the fewest strips, and none on wet ink: neighbours are never open
 * together, so of two that lie side by side one is laid back before the other is lifted. Those laid back are a smallest
 * cover of the neighbours; the others are all lifted in the last turn. A strip that nothing is inked in stays on to the end.
 */
export function stripTurns(scene: Turned): StripTurns {
  const worked = scene.strips.filter(
    ({ id, area }) => area > 0 && scene.inked.some((mark) => mark.strips.includes(id)),
  );
  const neighbours = worked.flatMap((one, at) =>
    worked
      .slice(at + 1)
      .flatMap((other): readonly Pair[] =>
        touches(one.outline, other.outline) ? [[one, other]] : [],
      ),
  );
  const { members, isProven } = fewestCover(
    worked.map(() => 1),
    neighbours.map(([one, other]) => [worked.indexOf(one), worked.indexOf(other)]),
  );
  const cover = members.flatMap((at) => worked[at] ?? []);
  const best = { fewest: cover.length, isProven };
  if (scene.turns !== null) return { ...best, ...setTurns(scene.turns, worked, neighbours) };
  return {
    ...best,
    ...{ turns: bestTurns(worked, cover, neighbours), laidBack: cover },
    ...{ isSet: false, together: [] },
  };
}

function bestTurns(
  worked: readonly ResolvedStrip[],
  cover: readonly ResolvedStrip[],
  neighbours: readonly Pair[],
): StripTurns['turns'] {
  const turns: ResolvedStrip[][] = [];
  for (const strip of cover) {
    const turn = turns.find((each) => !each.some((other) => areIn(neighbours, strip, other)));
    if (turn) turn.push(strip);
    else turns.push([strip]);
  }
  const last = worked.filter((strip) => !cover.includes(strip));
  return last.length > 0 ? [...turns, last] : turns;
}

/** A strip is laid back where one beside it is opened later; those that were forgotten come last. */
function setTurns(
  wanted: readonly (readonly string[])[],
  worked: readonly ResolvedStrip[],
  neighbours: readonly Pair[],
): Pick<StripTurns, 'turns' | 'laidBack' | 'isSet' | 'together'> {
  const turnOf = new Map<ResolvedStrip, number>();
  for (const strip of worked) {
    const turn = wanted.findIndex((each) => each.includes(strip.id));
    turnOf.set(strip, turn === -1 ? wanted.length : turn);
  }
  const at = (strip: ResolvedStrip) => turnOf.get(strip) ?? wanted.length;
  const turns = Array.from({ length: wanted.length + 1 }, (_, turn) =>
    worked.filter((strip) => at(strip) === turn),
  ).filter((turn) => turn.length > 0);
  const isBefore = (strip: ResolvedStrip, [one, other]: Pair) =>
    (strip === one && at(one) < at(other)) || (strip === other && at(other) < at(one));
  return {
    turns,
    laidBack: worked.filter((strip) => neighbours.some((pair) => isBefore(strip, pair))),
    isSet: true,
    together: neighbours.filter(([one, other]) => at(one) === at(other)),
  };
}

const areIn = (pairs: readonly Pair[], a: ResolvedStrip, b: ResolvedStrip) =>
  pairs.some(([one, other]) => (one === a && other === b) || (one === b && other === a));
