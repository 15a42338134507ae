import type { PieceId } from '../plan/ids';
import type { LibraryRef } from '../plan/libraryItem';
import type { Paper, Piece } from '../plan/piece';
import { isPaper } from '../plan/pieces';
import type { About, Base, Plan } from '../plan/plan';
import type { Use } from '../plan/use';
import { sameJson } from '../plan/sameJson';
import type { ResolvedCard } from './resolvedCard';

/** A plan with its figures. */
export interface CardVersion {
  readonly plan: Plan;
  readonly card: ResolvedCard;
}

/** The parts of a piece of paper that change one by one. */
export const pieceParts = [
  'name',
  'on',
  'size',
  'place',
  'stock',
  'attach',
  'isOff',
  'group',
  'trim',
  'cutOut',
  'carriedBy',
  'isMirrored',
  'crop',
  'overhang',
  'motion',
  'notes',
] as const satisfies readonly (keyof Paper)[];
export type PiecePart = (typeof pieceParts)[number];

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
  /** What it takes beside its panels; both empty where only an amount or a note changed. */
  | {
      readonly kind: 'uses';
      readonly added: readonly LibraryRef[];
      readonly removed: readonly LibraryRef[];
    }
  | { readonly kind: 'habits' }
  | { readonly kind: 'accepted' }
  | { readonly kind: 'added' | 'removed'; readonly piece: NamedPiece }
  | { readonly kind: 'order'; readonly pieces: readonly NamedPiece[] }
  | {
      readonly kind: 'piece';
      readonly part: PiecePart;
      readonly piece: NamedPiece;
      readonly before: Paper;
      readonly after: Paper;
    }
  | {
      readonly kind: 'mark';
      readonly part: MarkPart;
      readonly piece: NamedPiece;
      readonly before: Piece;
      readonly after: Piece;
    };

/** What marks have in common with paper, and how they look. */
export const markParts = ['name', 'on', 'place', 'isOff', 'group', 'notes'] as const;
export type MarkPart = (typeof markParts)[number] | 'look';

/** A piece as one speaks of it: its letter where it has figures, and its name. */
export interface NamedPiece {
  readonly id: PieceId;
  readonly letter: string;
  readonly name: string;
}

/**
 * The differences of two versions of a card, in the order a card is read: about, base, copies, pieces
 * removed, added, changed, their order, habits. A piece is spoken of as in the later version, a removed
 * one as in the earlier.
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
    ...useChanges(before, after),
    ...pieceChanges(before, after),
    ...(sameJson(old.habits, now.habits) ? [] : [{ kind: 'habits' as const }]),
    ...(sameJson(old.accepted, now.accepted) ? [] : [{ kind: 'accepted' as const }]),
  ];
}

function useChanges({ plan: old }: CardVersion, { plan: now }: CardVersion): readonly CardChange[] {
  const isIn = ({ item }: Use, plan: Plan) => plan.uses.some((each) => each.item.id === item.id);
  const added = now.uses.filter((use) => !isIn(use, old)).map(({ item }) => item);
  const removed = old.uses.filter((use) => !isIn(use, now)).map(({ item }) => item);
  if (added.length + removed.length > 0) return [{ kind: 'uses', added, removed }];
  return sameJson(old.uses, now.uses) ? [] : [{ kind: 'uses', added: [], removed: [] }];
}

function pieceChanges(before: CardVersion, after: CardVersion): readonly CardChange[] {
  const oldById = new Map(before.plan.pieces.map((piece) => [piece.id, piece]));
  const newIds = new Set(after.plan.pieces.map(({ id }) => id));
  const removed = before.plan.pieces.filter(({ id }) => !newIds.has(id));
  const added = after.plan.pieces.filter(({ id }) => !oldById.has(id));
  const kept = after.plan.pieces.filter(({ id }) => oldById.has(id));
  const changed = kept.flatMap((now): CardChange[] => {
    const old = oldById.get(now.id);
    if (!old) return [];
    const piece = named(now, after);
    if (!isPaper(old) || !isPaper(now))
      return markChanges(old, now).map((part) => ({
        kind: 'mark',
        part,
        piece,
        before: old,
        after: now,
      }));
    return pieceParts
      .filter((part) => !sameJson(old[part], now[part]))
      .map((part) => ({ kind: 'piece', part, piece, before: old, after: now }));
  });
  const order = movedPieces(
    before.plan.pieces.filter(({ id }) => newIds.has(id)),
    kept,
  );
  return [
    ...removed.map((piece): CardChange => ({ kind: 'removed', piece: named(piece, before) })),
    ...added.map((piece): CardChange => ({ kind: 'added', piece: named(piece, after) })),
    ...changed,
    ...(order.length === 0
      ? []
      : [{ kind: 'order' as const, pieces: order.map((piece) => named(piece, after)) }]),
  ];
}

function markChanges(old: Piece, now: Piece): readonly MarkPart[] {
  const look = (piece: Piece) =>
    Object.entries(piece).filter(
      ([key]) => key !== 'order' && !markParts.some((part) => part === key),
    );
  return [
    ...markParts.filter((part) => !sameJson(old[part], now[part])),
    ...(sameJson(look(old), look(now)) ? [] : ['look' as const]),
  ];
}

/** The pieces between the first and the last place where two orders of the same pieces differ. */
function movedPieces(before: readonly Piece[], after: readonly Piece[]): readonly Piece[] {
  const differs = (_: unknown, index: number) => before[index]?.id !== after[index]?.id;
  const first = after.findIndex(differs);
  return first < 0 ? [] : after.slice(first, after.findLastIndex(differs) + 1);
}

function named({ id, name }: Piece, { card }: CardVersion): NamedPiece {
  return { id, name, letter: card.pieces.find((each) => each.id === id)?.letter ?? '' };
}

function keysThatDiffer<T extends object>(a: T, b: T): readonly (keyof T)[] {
  return (Object.keys(b) as (keyof T)[]).filter((key) => !sameJson(a[key], b[key]));
}
