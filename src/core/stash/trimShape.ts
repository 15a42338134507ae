import { svgPathBbox } from 'svg-path-bbox';
import svgpath from 'svgpath';
import { lengthFromTicks, type Length } from '../length/length';
import { asTyped, type TypedLength } from '../length/typedLength';
import type { DieSet, LibraryItem, Stamp } from '../plan/libraryItem';

type Shape = NonNullable<DieSet['shape']>;

/** Units that are kept of a path: a thousandth of a box unit. */
const digits = 3;

/** A shape that reaches within this part of every side of its box fills it. */
const nearlyWhole = 0.001;

/**
 * The item with its shape trimmed to its ink, its sizes with it: what it prints or cuts stays as large as it was and has
 * no empty rim any more.
 * ```
 *   +---------+
 *   |  /\     |        +--+
 *   | /__\    |   =>   |/\|      trimmedFrom: where the old box lies round the new one
 *   +---------+        +--+
 * ```
 * @returns undefined where it is no stamp or die, prints words, or fills its box already.
 */
export function trimShape(item: LibraryItem): Stamp | DieSet | undefined {
  if (item.kind === 'stamp') return item.words ? undefined : trimStamp(item);
  return item.kind === 'die-set' ? trimDies(item) : undefined;
}

function trimStamp(stamp: Stamp): Stamp | undefined {
  const trim = trimOf(stamp.shape);
  if (!trim) return undefined;
  return {
    ...stamp,
    ...trim.sizeOf(stamp),
    shape: trim.shape,
    layers: stamp.layers.map((layer) => ({ ...layer, path: trim.moved(layer.path) })),
  };
}

function trimDies(set: DieSet): DieSet | undefined {
  const trim = set.shape && trimOf(set.shape);
  return trim ? { ...set, steps: set.steps.map(trim.sizeOf), shape: trim.shape } : undefined;
}

interface Sized {
  readonly width: TypedLength;
  readonly height: TypedLength;
}

interface Trim {
  readonly shape: Shape;
  /** A size of the old box as the new box has it. */
  readonly sizeOf: (size: Sized) => Sized;
  /** A path in the units of the box, from the new corner. */
  readonly moved: (path: string) => string;
}

function trimOf({ box, outline }: Shape): Trim | undefined {
  const [x0, y0, x1, y1] = svgPathBbox(outline);
  const [width, height] = [round(x1 - x0), round(y1 - y0)];
  const rims = [x0 / box.width, y0 / box.height, 1 - x1 / box.width, 1 - y1 / box.height];
  if (rims.every((rim) => Math.abs(rim) <= nearlyWhole) || width <= 0 || height <= 0)
    return undefined;
  const [x, y] = [round(x0), round(y0)];
  const moved = (path: string) => svgpath(path).translate(-x, -y).round(digits).toString();
  const part = (length: TypedLength, share: number): TypedLength =>
    asTyped(scaled(length.ticks, share));
  return {
    moved,
    sizeOf: (size) => ({
      width: part(size.width, width / box.width),
      height: part(size.height, height / box.height),
    }),
    shape: {
      box: { width, height },
      outline: moved(outline),
      trimmedFrom: { x: -x, y: -y, width: box.width, height: box.height },
    },
  };
}

const scaled = (length: Length, share: number): Length =>
  lengthFromTicks(Math.max(1, Math.round(length * share)));

const round = (value: number) => Math.round(value * 10 ** digits) / 10 ** digits;
