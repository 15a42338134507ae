import { arrange } from '../arrangement/arrange';
import type { Face } from '../arrangement/traceFaces';
import {
  longerOf,
  subtractLengths,
  sumLengths,
  timesLength,
  zeroLength,
  type Length,
} from '../length/length';
import type { Outline } from '../outline/outline';
import type { FaceId } from '../plan/faces';
import type { Plate, Stack } from './plate';

/** What makes up a height at one place, from the front to the back. */
export interface Layer {
  readonly kind: 'plate' | 'leaf' | 'held' | 'air';
  /** Of the plate, or of what holds it; of a leaf and of air undefined. */
  readonly name: string | undefined;
  /** The plate it is, or that it is under. */
  readonly plate: string | undefined;
  readonly height: Length;
}

/** A part of the card that is of one height. */
export interface HeightPart extends Pick<Face, 'area' | 'rings'> {
  readonly height: Length;
  /** False beyond the edge of the card, where a piece hangs over. */
  readonly isOnCard: boolean;
  /** What lies there, by its place among the plates of the stack. */
  readonly covers: readonly number[];
}

/** Where a plate bends over the edge of what it lies over. */
export interface Bend {
  readonly plate: string;
  readonly over: string;
  readonly by: Length;
}

/** How high the closed card is at every point. */
export interface HeightMap {
  readonly stack: Stack;
  readonly parts: readonly HeightPart[];
  /** Of the highest part. */
  readonly highest: Length;
  /** How far the leaves stand apart: as far as what lies between them makes at its highest point. Zero for one leaf. */
  readonly gap: Length;
  /** Where the leaves are held apart. */
  readonly gapAt: HeightPart | undefined;
  readonly bends: readonly Bend[];
}

/**
 * The exact height at every point of the closed card, front, inside and back together: the sum of what lies at that
 * point, as a calliper measures it there. The two leaves are level and stand as far apart as the largest sum of what lies
 * between them, wherever that is. Areas are exact on whole ticks. Of a card with nothing on it, one part.
 * @example heightMap({ plates: [], face, leaves: 2, caliper: 0.4 mm }).highest // 0.8 mm
 */
export function heightMap(stack: Stack): HeightMap {
  const { plates, face } = stack;
  // The card lies lowest; its outline and those of the plates stay the same objects, by which the arrangement is kept.
  const { faces, columns, columnOf } = columnsIn([face, ...plates.map(({ outline }) => outline)]);
  const raised = columns.map(({ covers }) => raise(stack, covers));
  const between = raised.map((column) => column.between);
  const gap = between.reduce(longerOf, zeroLength);
  const leaves = sumLengths(timesLength(stack.caliper, stack.leaves), gap);
  // Beyond its edge a piece still stands as high as on the card.
  const heights = raised.map(({ outside }) => sumLengths(leaves, outside));
  const parts = faces.map(({ area, rings }, at): HeightPart => {
    const index = columnOf[at] ?? 0;
    return {
      area,
      rings,
      isOnCard: columns[index]?.isOnCard ?? false,
      covers: columns[index]?.plates ?? [],
      height: heights[index] ?? zeroLength,
    };
  });
  const widest = between.indexOf(gap);
  return {
    stack,
    parts,
    gap,
    gapAt: gap > 0 ? parts[columnOf.indexOf(widest)] : undefined,
    highest: parts.reduce((most, { height }) => longerOf(most, height), zeroLength),
    bends: bendsOf(raised),
  };
}

/** Parts that the same outlines cover, and so are of one height whatever the heights are. */
interface Columns {
  readonly outlines: readonly Outline[];
  readonly faces: readonly Face[];
  /** The column of each face. */
  readonly columnOf: readonly number[];
  readonly columns: readonly {
    readonly covers: readonly number[];
    readonly plates: readonly number[];
    readonly isOnCard: boolean;
  }[];
}

/** The last of each card by the outline of its face: of a height that changes none of them does. */
const known = new WeakMap<Outline, Columns>();

function columnsIn(outlines: readonly [Outline, ...Outline[]]): Columns {
  const [card] = outlines;
  const before = known.get(card);
  const isKept =
    before?.outlines.length === outlines.length &&
    outlines.every((outline, at) => outline === before.outlines[at]);
  if (before && isKept) return before;
  const faces = arrange(outlines);
  const places = new Map<string, number>();
  const columns: Columns['columns'][number][] = [];
  const columnOf = faces.map(({ covers }) => {
    const key = covers.join(' ');
    const place = places.get(key) ?? columns.length;
    if (place === columns.length) {
      places.set(key, place);
      const plates = covers.filter((at) => at > 0).map((at) => at - 1);
      columns.push({ covers, plates, isOnCard: covers[0] === 0 });
    }
    return place;
  });
  const made = { outlines, faces, columnOf, columns };
  known.set(card, made);
  return made;
}

interface Column {
  /** On front and back together. */
  readonly outside: Length;
  /** Between the leaves. */
  readonly between: Length;
  readonly bends: readonly Bend[];
}

function raise(stack: Stack, covers: readonly number[]): Column {
  const tops = new Map<FaceId, { height: Length; last: Plate | undefined }>();
  const bends: Bend[] = [];
  for (const at of covers) {
    const plate = stack.plates[at - 1];
    if (!plate) continue;
    const { height, last } = tops.get(plate.face) ?? { height: zeroLength, last: undefined };
    if (last && height > plate.foot)
      bends.push({ plate: plate.id, over: last.id, by: subtractLengths(height, plate.foot) });
    tops.set(plate.face, { height: topOver(plate, height), last: plate });
  }
  const top = (face: FaceId) => tops.get(face)?.height ?? zeroLength;
  return {
    outside: sumLengths(top('front'), top('back')),
    between: sumLengths(top('inside-front'), top('inside')),
    bends,
  };
}

/** The upper side of a plate over what is so high: level, or bent over it. */
function topOver({ foot, caliper }: Plate, height: Length): Length {
  return sumLengths(longerOf(foot, height), caliper);
}

function bendsOf(columns: Iterable<Column>): readonly Bend[] {
  const largest = new Map<string, Bend>();
  for (const { bends } of columns)
    for (const bend of bends) {
      const key = `${bend.plate} ${bend.over}`;
      const known = largest.get(key);
      if (!known || known.by < bend.by) largest.set(key, bend);
    }
  return [...largest.values()];
}

/** What makes up the height of a part, from the front to the back; its heights add up to that of the part. */
export function layersAt(map: HeightMap, { covers }: Pick<HeightPart, 'covers'>): readonly Layer[] {
  const { plates, caliper, leaves } = map.stack;
  const onFace = (face: FaceId) =>
    layersOf(covers.flatMap((at) => (plates[at]?.face === face ? [plates[at]] : [])));
  const leaf: Layer = { kind: 'leaf', name: undefined, plate: undefined, height: caliper };
  const front = onFace('front').toReversed();
  const back = onFace('back');
  if (leaves === 1) return [...front, leaf, ...back];
  const [upper, lower] = [onFace('inside-front'), onFace('inside').toReversed()];
  const filled = sumLengths(...[...upper, ...lower].map(({ height }) => height));
  const air = subtractLengths(map.gap, filled);
  const between: Layer = { kind: 'air', name: undefined, plate: undefined, height: air };
  return [...front, leaf, ...upper, ...(air > 0 ? [between] : []), ...lower, leaf, ...back];
}

/** From the face outward. */
function layersOf(plates: readonly Plate[]): readonly Layer[] {
  let height = zeroLength;
  const layers: Layer[] = [];
  for (const plate of plates) {
    const under = subtractLengths(longerOf(plate.foot, height), height);
    const held = plate.held?.height === under ? plate.held : undefined;
    if (under > 0)
      layers.push({
        kind: held ? 'held' : 'air',
        name: held?.name,
        plate: plate.id,
        height: under,
      });
    layers.push({ kind: 'plate', name: plate.name, plate: plate.id, height: plate.caliper });
    height = topOver(plate, height);
  }
  return layers;
}
