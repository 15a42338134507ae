import { lengthFromTicks, turnSize, type Length, type Size } from '../length/length';
import type { DieSet } from '../plan/libraryItem';
import { dieSetsOf, type Library } from '../plan/library';
import { centredReveals } from '../resolve/centredReveals';
import type { Reveals } from '../resolve/origins';

/** A die, and the border it gives where it is centred. */
export interface DieForBorder {
  readonly set: DieSet;
  /** Counted from the largest, 0. */
  readonly step: number;
  readonly turned: boolean;
  readonly size: Size;
  readonly reveals: Reveals;
  /** How far the border that differs most is from the one wanted. */
  readonly off: Length;
}

/**
 * The dies that come nearest to a border all round on a panel, the nearest first, then by name. Those that
 * stick out, and those made to go round a stamp, are left out; of each die only the better way to lay it.
 */
export function diesForBorder(
  library: Library,
  panel: Size,
  wanted: Length,
): readonly DieForBorder[] {
  return dieSetsOf(library)
    .filter(({ goesWith, cuts }) => goesWith.length === 0 && cuts !== 'border' && cuts !== 'joined')
    .flatMap((set) =>
      set.steps.flatMap(({ width, height }, step) => {
        const plain = { width: width.ticks, height: height.ticks };
        return [false, true]
          .map((turned) =>
            choiceOf(set, step, turned, turned ? turnSize(plain) : plain, panel, wanted),
          )
          .filter(({ reveals }) => Math.min(...Object.values(reveals)) >= 0)
          .toSorted(byNearness)
          .slice(0, 1);
      }),
    )
    .toSorted(byNearness);
}

function choiceOf(
  set: DieSet,
  step: number,
  turned: boolean,
  size: Size,
  panel: Size,
  wanted: Length,
): DieForBorder {
  const reveals = centredReveals(panel, size);
  const off = Math.max(...Object.values(reveals).map((each) => Math.abs(each - wanted)));
  return { set, step, turned, size, reveals, off: lengthFromTicks(off) };
}

function byNearness(a: DieForBorder, b: DieForBorder): number {
  return a.off - b.off || (a.set.name < b.set.name ? -1 : a.set.name > b.set.name ? 1 : 0);
}
