import type { DieSet, Stamp } from './libraryItem';
import { dieSetsOf, type Library } from './library';

/** The die made to cut round a stamp; undefined where the library has none. */
export function dieRound(library: Library, { id, goesWith }: Stamp): DieSet | undefined {
  return dieSetsOf(library).find(
    (set) => set.goesWith.includes(id) || goesWith.some((each) => each === set.id),
  );
}
