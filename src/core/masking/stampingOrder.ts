import type { Print, PrintKind } from './print';
import type { Relation } from './relation';

/** In which order prints of one paper are made. */
export interface StampingOrder {
  readonly order: readonly Print[];
  /** Prints that each wait for the next, and the last for the first; the order breaks each where it hurts least. */
  readonly circles: readonly (readonly Print[])[];
}

/**
 * A lawful order: what comes first by a relation comes first. Where that leaves a choice: grounds, then images with what
 * is in front first, dark over light from the back, words, textures and grounds that go over all.
 * @param prints of one paper, from the back to the front
 */
export function stampingOrder(
  prints: readonly Print[],
  relations: readonly Relation[],
): StampingOrder {
  const circles: (readonly Print[])[] = [];
  let kept = relations;
  // Each circle is broken where it hurts least: at a relation that needs no mask, at one that is spindly, at one that may
  // be either way; what was decided is kept as long as it can be.
  for (let circle = circleIn(prints, kept); circle; circle = circleIn(prints, kept)) {
    circles.push(circle.map(({ first }) => first));
    const loosest =
      circle.find(({ isCovered }) => !isCovered) ??
      circle.find(({ because }) => because === 'spindly') ??
      circle.find(({ isFree }) => isFree) ??
      circle.at(-1);
    kept = kept.filter((each) => each !== loosest);
  }
  return { order: sorted(prints, kept), circles };
}

/** How early each kind is made where nothing else decides. */
const rank: Readonly<Record<PrintKind, number>> = {
  ground: 0,
  outline: 1,
  solid: 2,
  words: 3,
  background: 4,
  texture: 5,
  'late ground': 6,
};

function sorted(prints: readonly Print[], relations: readonly Relation[]): readonly Print[] {
  const place = new Map(prints.map((print, at) => [print, at]));
  const isFrontFirst = ({ kind }: Print) => kind === 'outline';
  const before = (a: Print, b: Print) => {
    if (a.kind !== b.kind) return rank[a.kind] - rank[b.kind];
    const way = (place.get(a) ?? 0) - (place.get(b) ?? 0);
    return isFrontFirst(a) ? -way : way;
  };
  const waits = new Map(prints.map((print) => [print, 0]));
  const followers = new Map<Print, Print[]>();
  for (const { first, then } of relations) {
    waits.set(then, (waits.get(then) ?? 0) + 1);
    const there = followers.get(first);
    if (there) there.push(then);
    else followers.set(first, [then]);
  }
  const ready = prints.filter((print) => waits.get(print) === 0);
  const order: Print[] = [];
  while (ready.length > 0) {
    ready.sort(before);
    const next = ready.shift();
    if (!next) break;
    order.push(next);
    for (const follower of followers.get(next) ?? []) {
      const left = (waits.get(follower) ?? 0) - 1;
      waits.set(follower, left);
      if (left === 0) ready.push(follower);
    }
  }
  return order;
}

/** The shortest circle that relations make, from one print on; undefined where there is none. */
function circleIn(
  prints: readonly Print[],
  relations: readonly Relation[],
): readonly Relation[] | undefined {
  const from = new Map<Print, Relation[]>();
  for (const relation of relations) {
    const there = from.get(relation.first);
    if (there) there.push(relation);
    else from.set(relation.first, [relation]);
  }
  let best: readonly Relation[] | undefined;
  for (const start of prints) {
    const circle = wayBack(start, from, best?.length ?? Infinity);
    if (circle) best = circle;
  }
  return best;
}

/** The shortest way from a print back to itself, if it takes fewer steps than so many. */
function wayBack(
  start: Print,
  from: ReadonlyMap<Print, readonly Relation[]>,
  fewer: number,
): readonly Relation[] | undefined {
  const ways: { readonly at: Print; readonly way: readonly Relation[] }[] = [
    { at: start, way: [] },
  ];
  const seen = new Set<Print>();
  for (const { at, way } of ways) {
    if (way.length + 1 >= fewer) return undefined;
    for (const relation of from.get(at) ?? []) {
      const longer = [...way, relation];
      if (relation.then === start) return longer;
      if (seen.has(relation.then)) continue;
      seen.add(relation.then);
      ways.push({ at: relation.then, way: longer });
    }
  }
  return undefined;
}
