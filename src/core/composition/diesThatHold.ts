import { timesLength, sumLengths, turnSize, type Length, type Size } from '../length/length';
import type { DieSet } from '../plan/libraryItem';
import { dieSetsOf, type Library } from '../plan/library';
import { contains } from '../outline/distance';
import { flattenPath } from '../geometry/flattenPath';
import { turnShape } from '../outline/turnShape';

/** A die of a set that a thing finds room on. */
export interface DieChoice {
  readonly set: DieSet;
  /** Counted from the largest, 0. */
  readonly step: number;
  readonly turned: boolean;
  readonly size: Size;
}

/**
 * The dies that hold something in their middle with a margin all round: strips, labels, tags. The smallest first;
 * of each set only the smallest that will do. Dies with windows, and those made to go round a stamp, hold nothing.
 */
export function diesThatHold(library: Library, thing: Size, margin: Length): readonly DieChoice[] {
  const needed = {
    width: sumLengths(thing.width, timesLength(margin, 2)),
    height: sumLengths(thing.height, timesLength(margin, 2)),
  };
  return dieSetsOf(library)
    .filter(({ goesWith, cuts }) => goesWith.length === 0 && cuts === 'shape')
    .flatMap((set) => smallestOf(set, needed))
    .toSorted((a, b) => area(a.size) - area(b.size) || (a.set.name < b.set.name ? -1 : 1));
}

function smallestOf(set: DieSet, needed: Size): readonly DieChoice[] {
  const choices = set.steps.flatMap(({ width, height }, step) =>
    [false, true].flatMap((turned): DieChoice[] => {
      const plain = { width: width.ticks, height: height.ticks };
      const size = turned ? turnSize(plain) : plain;
      return holds(set, size, turned, needed) ? [{ set, step, turned, size }] : [];
    }),
  );
  return choices.toSorted((a, b) => area(a.size) - area(b.size)).slice(0, 1);
}

/** Whether all four corners of what is needed lie inside, in the middle of the die. */
function holds(set: DieSet, size: Size, turned: boolean, needed: Size): boolean {
  if (size.width < needed.width || size.height < needed.height) return false;
  if (!set.shape) return true;
  const shape = turned ? turnShape(set.shape) : set.shape;
  const outline = flattenPath(shape.outline);
  if (outline.length > 1) return false;
  const { box } = shape;
  const [across, down] = [needed.width / size.width / 2, needed.height / size.height / 2];
  return [-1, 1].every((left) =>
    [-1, 1].every((up) =>
      // A hair inside, as the corner may lie on the line itself.
      contains(outline, {
        x: (0.5 + left * across * 0.999) * box.width,
        y: (0.5 + up * down * 0.999) * box.height,
      }),
    ),
  );
}

const area = ({ width, height }: Size) => width * height;
