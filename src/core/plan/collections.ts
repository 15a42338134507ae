import type { Accepted } from './accepted';
import type { Combination } from './combination';
import { compareOrder } from './orderKeys';
import type { OrderedPiece, SizeRule } from './piece';
import type { Overlap } from './overlap';
import type { Override } from './override';
import {
  mostAccepted,
  mostCombinations,
  mostOverlaps,
  mostOverrides,
  mostPieces,
  mostScenes,
  mostUses,
} from './planFacts';
import type { Scene } from './scene';
import type { Use } from './use';

/** The parts of a plan that hold many things of a kind, each known by its id. */
export interface Collections {
  readonly pieces: OrderedPiece;
  readonly uses: Use;
  readonly combinations: Combination;
  readonly overlaps: Overlap;
  readonly scenes: Scene;
  readonly overrides: Override;
  readonly accepted: Accepted;
}
export const collectionIds = [
  'pieces',
  'uses',
  'combinations',
  'overlaps',
  'scenes',
  'overrides',
  'accepted',
] as const;
export type CollectionId = (typeof collectionIds)[number];
export type ItemOf<Id extends CollectionId> = Collections[Id];

interface Collection<Item> {
  readonly idOf: (item: Item) => string;
  /** The one order they are kept in. */
  readonly compare: (a: Item, b: Item) => number;
  readonly most: number;
  /** The pieces it cannot do without. */
  readonly needs: (item: Item) => readonly string[];
}

const byId = <Item>(idOf: (item: Item) => string): Pick<Collection<Item>, 'idOf' | 'compare'> => ({
  idOf,
  compare: (a, b) => (idOf(a) < idOf(b) ? -1 : idOf(a) > idOf(b) ? 1 : 0),
});

/** What edits need to know of each collection; one more is one more line here, in the plan and in its edits. */
export const collections: { readonly [Id in CollectionId]: Collection<ItemOf<Id>> } = {
  pieces: {
    idOf: ({ id }) => id,
    compare: compareOrder,
    most: mostPieces,
    needs: neededPieces,
  },
  uses: { ...byId(({ id }) => id), most: mostUses, needs: () => [] },
  combinations: { ...byId(({ id }) => id), most: mostCombinations, needs: () => [] },
  overlaps: { ...byId(overlapId), most: mostOverlaps, needs: ({ between }) => between },
  scenes: {
    ...byId(({ id }) => id),
    most: mostScenes,
    needs: ({ on }) => ('piece' in on ? [on.piece] : []),
  },
  overrides: { ...byId(overrideId), most: mostOverrides, needs: () => [] },
  accepted: { ...byId(acceptedId), most: mostAccepted, needs: () => [] },
};

/** What is known of a collection, for those who go through all of them. */
export function collectionOf<Id extends CollectionId>(id: Id): Collection<ItemOf<Id>> {
  return collections[id];
}

/** The things of a collection, in its order. */
export function itemsIn<Id extends CollectionId>(
  plan: { readonly [Each in CollectionId]: readonly ItemOf<Each>[] },
  id: Id,
): readonly ItemOf<Id>[] {
  return plan[id];
}

/** Something is decided once of two prints. */
export function overlapId({ between }: Pick<Overlap, 'between'>): string {
  return between.join(' ');
}

/** One of each kind for a step; of two steps, which comes first. */
export function overrideId(override: Override): string {
  switch (override.kind) {
    case 'add':
      return `add ${override.id}`;
    case 'before':
      return `before ${override.step} > ${override.then}`;
    default:
      return `${override.kind} ${override.step}`;
  }
}

/** A finding is accepted once for what it is about. */
export function acceptedId({ rule, subject }: Accepted): string {
  return `${rule}:${subject}`;
}

/** What a piece lies on, is sized round or stands beside. */
export function neededPieces(
  piece: Pick<OrderedPiece, 'on' | 'place'> & { readonly size?: SizeRule },
): readonly string[] {
  const { on, place, size } = piece;
  return [
    ...('piece' in on ? [on.piece] : []),
    ...(place.x.from === 'piece' ? [place.x.piece] : []),
    ...(place.y.from === 'piece' ? [place.y.piece] : []),
    ...(size?.by === 'outset' ? [size.around] : []),
  ];
}
