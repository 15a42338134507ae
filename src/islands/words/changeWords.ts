import type { Unit } from '../../core/length/length';
import type { Designer, Release } from '../../core/plan/cardFile';
import type { LibraryRef } from '../../core/plan/libraryItem';
import { findItem, type Library } from '../../core/plan/library';

/** What names are looked up in, and the unit figures are written in. */
export interface ChangeWords {
  readonly unit: Unit;
  readonly library: Library;
  readonly releases: readonly Release[];
  readonly designers: readonly Designer[];
  /** The name of a piece, by its id. */
  readonly pieceName: (id: string) => string;
}

export const fromTo = (before: string, after: string) => `${before} to ${after}`;

export function nameOf(ref: LibraryRef, library: Library): string {
  return findItem(library, ref)?.name ?? ref.id;
}
