import type { Library } from '../plan/library';
import type { Plan } from '../plan/plan';
import { sameJson } from '../plan/sameJson';

interface Asked {
  readonly plan: Plan;
  readonly library: Library;
}

/**
 * A plan and its library as they came over a wire, with the pieces, combinations, scenes and items that are as before as the same
 * objects: what was worked out of them is kept by the object.
 */
export function keepAlike(before: Asked | undefined, now: Asked): Asked {
  if (!before) return now;
  const pieces = new Map(before.plan.pieces.map((piece) => [piece.id, piece]));
  const combinations = new Map(before.plan.combinations.map((each) => [each.id, each]));
  const scenes = new Map(before.plan.scenes.map((each) => [each.id, each]));
  // A version of an item never changes.
  const items = new Map(before.library.map((item) => [`${item.id} ${item.version}`, item]));
  return {
    plan: {
      ...now.plan,
      pieces: now.plan.pieces.map((piece) => alike(pieces.get(piece.id), piece)),
      combinations: now.plan.combinations.map((each) => alike(combinations.get(each.id), each)),
      scenes: now.plan.scenes.map((each) => alike(scenes.get(each.id), each)),
    },
    library: now.library.map((item) => items.get(`${item.id} ${item.version}`) ?? item),
  };
}

function alike<Part>(before: Part | undefined, now: Part): Part {
  return before !== undefined && sameJson(before, now) ? before : now;
}
