import {
  collectionIds,
  collectionOf,
  itemsIn,
  type CollectionId,
  type ItemOf,
} from '../plan/collections';
import type { About, Base, Plan } from '../plan/plan';
import type { Post } from '../plan/post';
import { sameJson } from '../plan/sameJson';
import type { ResolvedCard } from './resolvedCard';

/** A plan with its figures. */
export interface CardVersion {
  readonly plan: Plan;
  readonly card: ResolvedCard;
}

/** One difference of two versions of a card; the sentence is chosen where it is shown. */
export type CardChange =
  | {
      readonly kind: 'about';
      readonly part: keyof About;
      readonly before: About;
      readonly after: About;
    }
  | {
      readonly kind: 'base';
      readonly part: keyof Base;
      readonly before: Base;
      readonly after: Base;
    }
  | { readonly kind: 'copies'; readonly before: number; readonly after: number }
  /** Spares, or what sheets are cut from. */
  | { readonly kind: 'making' }
  | {
      readonly kind: 'post';
      readonly part: keyof Post;
      readonly before: Post;
      readonly after: Post;
    }
  | { readonly kind: 'habits' }
  | ItemChange;

/** A difference of one collection. */
export type ItemChange = { [Id in CollectionId]: ChangeIn<Id> }[CollectionId];

export type ChangeIn<Id extends CollectionId> =
  | { readonly kind: 'added' | 'removed'; readonly in: Id; readonly item: Lettered<ItemOf<Id>> }
  | {
      readonly kind: 'changed';
      readonly in: Id;
      /** What is different of it, but for its place in the order. */
      readonly parts: readonly PartOf<ItemOf<Id>>[];
      readonly before: Lettered<ItemOf<Id>>;
      readonly after: Lettered<ItemOf<Id>>;
    }
  | { readonly kind: 'order'; readonly in: Id; readonly items: readonly Lettered<ItemOf<Id>>[] };

/** With the letter a piece goes by where it has figures; empty for all else. */
export type Lettered<Item> = Item & { readonly letter: string };

/** What can be different of a thing and leave it the same thing. */
export type PartOf<Item> = Exclude<
  Item extends unknown ? keyof Item & string : never,
  'id' | 'kind' | 'order'
>;

/**
 * The differences of two versions of a card, in the order a card is read: about, base, copies, post, habits, and of each
 * collection what was removed, added, changed and moved. A thing is spoken of as in the later version, a removed one as
 * in the earlier.
 */
export function compareCards(before: CardVersion, after: CardVersion): readonly CardChange[] {
  const [old, now] = [before.plan, after.plan];
  return [
    ...keysThatDiffer(old.about, now.about).map((part): CardChange => ({
      kind: 'about',
      part,
      before: old.about,
      after: now.about,
    })),
    ...keysThatDiffer(old.base, now.base).map((part): CardChange => ({
      kind: 'base',
      part,
      before: old.base,
      after: now.base,
    })),
    ...(old.making.copies === now.making.copies
      ? []
      : [{ kind: 'copies' as const, before: old.making.copies, after: now.making.copies }]),
    ...(sameJson({ ...old.making, copies: 1 }, { ...now.making, copies: 1 })
      ? []
      : [{ kind: 'making' as const }]),
    ...keysThatDiffer(old.post, now.post).map((part): CardChange => ({
      kind: 'post',
      part,
      before: old.post,
      after: now.post,
    })),
    ...(sameJson(old.habits, now.habits) ? [] : [{ kind: 'habits' as const }]),
    ...collectionIds.flatMap((id) => itemChanges(id, before, after)),
  ];
}

/** What was removed, added, changed, and what changed places. */
function itemChanges(
  of: CollectionId,
  before: CardVersion,
  after: CardVersion,
): readonly ItemChange[] {
  const [old, now] = [lettered(of, before), lettered(of, after)];
  const { idOf } = collectionOf<CollectionId>(of);
  const oldIds = new Map(old.map((item) => [idOf(item), item]));
  const newIds = new Set(now.map((item) => idOf(item)));
  const one = (change: object) => ({ in: of, ...change }) as ItemChange;
  const kept = now.filter((item) => oldIds.has(idOf(item)));
  const moved = movedItems(
    old.filter((item) => newIds.has(idOf(item))),
    kept,
    idOf,
  );
  return [
    ...old.filter((item) => !newIds.has(idOf(item))).map((item) => one({ kind: 'removed', item })),
    ...now.filter((item) => !oldIds.has(idOf(item))).map((item) => one({ kind: 'added', item })),
    ...kept.flatMap((item) => {
      const was = oldIds.get(idOf(item));
      const parts = was ? partsThatDiffer(was, item) : [];
      return parts.length > 0 ? [one({ kind: 'changed', parts, before: was, after: item })] : [];
    }),
    ...(moved.length === 0 ? [] : [one({ kind: 'order', items: moved })]),
  ];
}

/** Anything of a collection. */
type AnyItem = Lettered<ItemOf<CollectionId>>;

function lettered(of: CollectionId, { plan, card }: CardVersion): readonly AnyItem[] {
  const letters = new Map<string, string>(card.pieces.map(({ id, letter }) => [id, letter]));
  const { idOf } = collectionOf<CollectionId>(of);
  return itemsIn(plan, of).map((item) => ({
    ...item,
    letter: of === 'pieces' ? (letters.get(idOf(item)) ?? '') : '',
  }));
}

function partsThatDiffer(before: AnyItem, after: AnyItem): readonly string[] {
  const skipped = ['id', 'kind', 'order', 'letter'];
  const keys = new Set([...Object.keys(before), ...Object.keys(after)]);
  return [...keys].filter(
    (key) =>
      !skipped.includes(key) &&
      !sameJson(before[key as keyof AnyItem], after[key as keyof AnyItem]),
  );
}

/** The items between the first and the last place where two orders of the same items differ. */
function movedItems<Item>(
  before: readonly Item[],
  after: readonly Item[],
  idOf: (item: Item) => string,
): readonly Item[] {
  const ids = before.map(idOf);
  const differs = (item: Item, index: number) => ids[index] !== idOf(item);
  const first = after.findIndex(differs);
  return first < 0 ? [] : after.slice(first, after.findLastIndex(differs) + 1);
}

function keysThatDiffer<T extends object>(a: T, b: T): readonly (keyof T)[] {
  return (Object.keys(b) as (keyof T)[]).filter((key) => !sameJson(a[key], b[key]));
}
