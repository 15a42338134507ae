import type { LibraryId, PieceId } from '../plan/ids';
import type { LibraryItem } from '../plan/libraryItem';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { Placed } from '../resolve/outlineOf';
import { spokenName } from '../resolve/spokenName';

/** A thing of a card as one speaks of it; marks have no letter. */
export interface Named {
  readonly letter: string;
  readonly name: string;
}

/** A piece as one speaks of it. */
export interface NamedPiece extends Named {
  readonly id: PieceId;
}

/**
 * What a finding is about: the card, which is spoken of as its base; a piece; a piece and another that concerns it; a
 * step of the work; or an item of the stash, with the piece that first takes it.
 */
export type Subject =
  | ({ readonly kind: 'card' } & Named)
  | ({ readonly kind: 'piece' } & NamedPiece)
  | ({ readonly kind: 'pair'; readonly other: NamedPiece } & NamedPiece)
  | ({ readonly kind: 'step'; readonly id: string } & Named)
  | ({
      readonly kind: 'item';
      readonly id: LibraryId;
      readonly takenBy: PieceId | undefined;
    } & Named);

export function cardSubject({ base }: ResolvedCard): Subject {
  return { kind: 'card', letter: base.letter, name: 'Base' };
}

export function pieceSubject(placed: Placed): Subject {
  return { kind: 'piece', ...namedPiece(placed) };
}

/** A piece, and the other one without which nothing would be found. */
export function pairSubject(placed: Placed, other: Placed): Subject {
  return { kind: 'pair', ...namedPiece(placed), other: namedPiece(other) };
}

export function itemSubject({ id, name }: LibraryItem, takenBy: PieceId | undefined): Subject {
  return { kind: 'item', id, takenBy, letter: '', name };
}

function namedPiece(placed: Placed): NamedPiece {
  return {
    id: placed.id,
    letter: 'letter' in placed ? placed.letter : '',
    name: spokenName(placed),
  };
}

/** Tells subjects of one rule apart. */
export function subjectKey(subject: Subject): string {
  switch (subject.kind) {
    case 'card':
      return 'card';
    case 'pair':
      return `${subject.id} ${subject.other.id}`;
    case 'piece':
    case 'step':
    case 'item':
      return subject.id;
    default:
      throw new TypeError(`subjectKey: unknown subject ${String(subject satisfies never)}`);
  }
}

/** The piece to look at, and under which a finding is left as it is; undefined for the card as a whole. */
export function pieceOfSubject(subject: Subject): PieceId | undefined {
  switch (subject.kind) {
    case 'piece':
    case 'pair':
      return subject.id;
    case 'item':
      return subject.takenBy;
    case 'card':
    case 'step':
      return undefined;
    default:
      throw new TypeError(`pieceOfSubject: unknown subject ${String(subject satisfies never)}`);
  }
}

/** Whether a finding is about a piece, alone or with another. */
export function concerns(subject: Subject, id: PieceId): boolean {
  return pieceOfSubject(subject) === id || (subject.kind === 'pair' && subject.other.id === id);
}
