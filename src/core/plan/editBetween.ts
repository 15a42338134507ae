import { applyEdit } from './applyEdit';
import { batchEdits } from './batchEdits';
import { collectionIds, collectionOf, itemsIn, type CollectionId } from './collections';
import type { Edit, SimpleEdit } from './edit';
import type { Plan } from './plan';
import { sameJson } from './sameJson';

/**
 * The edit that makes one plan of another, as restoring a revision does. Parts that are alike are not touched. A batch
 * without edits where the plans are alike.
 */
export function editBetween(from: Plan, to: Plan): Edit {
  const parts: SimpleEdit[] = [];
  if (!sameJson(from.about, to.about)) parts.push({ kind: 'set-about', change: to.about });
  if (!sameJson(from.base, to.base)) parts.push({ kind: 'set-base', change: to.base });
  if (!sameJson(from.habits, to.habits)) parts.push({ kind: 'set-habits', change: to.habits });
  if (!sameJson(from.making, to.making)) parts.push({ kind: 'set-making', change: to.making });
  if (!sameJson(from.post, to.post)) parts.push({ kind: 'set-post', change: to.post });
  return batchEdits([...parts, ...collectionIds.flatMap((of) => itemEdits(from, to, of))]);
}

/** Removals come first and are carried out, since what lay on a removed piece has moved then. */
function itemEdits(from: Plan, to: Plan, of: CollectionId): readonly SimpleEdit[] {
  const wanted = byId(to, of);
  const removed = [...byId(from, of)]
    .filter(([id, item]) => !isKept(of, item, wanted.get(id)))
    .map(([id]): SimpleEdit => ({ kind: 'remove', in: of, id }));
  const outcome = applyEdit(from, { kind: 'batch', edits: removed });
  const left = byId(outcome.ok ? outcome.plan : from, of);
  return [
    ...removed,
    ...[...wanted].flatMap(([id, item]): readonly SimpleEdit[] => {
      const now = left.get(id);
      if (!now) return [{ kind: 'put', in: of, item } as SimpleEdit];
      return changesOf(of, now, item);
    }),
  ];
}

/** Anything of a collection, taken apart by its properties. */
type Item = Readonly<Record<string, unknown>>;

function byId(plan: Plan, of: CollectionId): ReadonlyMap<string, Item> {
  const { idOf } = collectionOf<CollectionId>(of);
  const items = itemsIn(plan, of) as readonly never[];
  return new Map(items.map((item) => [idOf(item), item]));
}

/** A piece that is of another kind now is another piece; what was decided of prints or steps is decided anew. */
function isKept(of: CollectionId, item: Item, wanted: Item | undefined): boolean {
  if (wanted === undefined) return false;
  return of === 'overlaps' || of === 'overrides'
    ? sameJson(item, wanted)
    : wanted['kind'] === item['kind'];
}

function changesOf(of: CollectionId, now: Item, wanted: Item): readonly SimpleEdit[] {
  const { id, kind, order } = wanted;
  const change = Object.fromEntries(
    Object.entries(wanted).filter(([key, value]) => key !== 'order' && !sameJson(value, now[key])),
  );
  const piece = of === 'pieces' ? { of: kind } : {};
  return [
    ...(Object.keys(change).length > 0
      ? [{ kind: 'change', in: of, id, ...piece, change } as SimpleEdit]
      : []),
    ...(order === now['order'] ? [] : [{ kind: 'move', in: of, id, order } as SimpleEdit]),
  ];
}
