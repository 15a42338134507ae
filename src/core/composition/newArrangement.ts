import {
  layArch,
  layBranches,
  layHanging,
  layList,
  type Area,
  type ArrangementWay,
} from './layArrangement';
import { layWreath } from './layWreath';
import { outlineOf, type Placed } from '../resolve/outlineOf';
import { movedBy, placeAt } from '../measuring/placeAt';
import { scatterDots, type ScatterInput } from './scatterDots';
import { lengthFromTicks, millimetres, type Length, type Size } from '../length/length';
import { asTyped } from '../length/typedLength';
import type { PieceId } from '../plan/ids';
import type { Stamp } from '../plan/libraryItem';
import type { Mark, Support } from '../plan/piece';
import { plainMark } from '../plan/pieces';
import type { ResolvedMark } from '../resolve/resolvedMark';
import { supportRect, type ResolvedCard } from '../resolve/resolvedCard';
import type { SupportId } from '../resolve/origins';
import type { Point } from '../geometry/flattenPath';
import { boundsOf, turnedCorners, type Rect } from '../outline/outline';
import { newImage } from './newThing';

/** What an arrangement is laid on. */
export interface Ground {
  readonly card: ResolvedCard;
  readonly support: SupportId;
  readonly on: Support;
  readonly newId: () => PieceId;
  /** A name for the group that no other has. */
  readonly group: string;
}

/** One tier of an arrangement: stamps about as large as each other, taken in turn, and how many prints in all. */
export interface Tier {
  readonly stamps: readonly Stamp[];
  readonly count: number;
}

/** How prints are laid: in a ring round what stays free, or one of the other arrangements. */
export const arrangementKinds = [
  'oval',
  'rectangle',
  'arch',
  'branches',
  'hanging',
  'list',
] as const;
export type ArrangementKind = (typeof arrangementKinds)[number];

/** What stays free in the middle of a paper where nothing is there to go round. */
export function freeMiddle({ x, y, width, height }: Rect): Area {
  return { x: x + width * 0.3, y: y + height * 0.32, width: width * 0.4, height: height * 0.36 };
}

/** Where and how an arrangement is laid. */
export interface Laying {
  /** What stays free: the words, or the middle. */
  readonly around: Area;
  readonly clearance: number;
  readonly seed: number;
}

const ways: Readonly<Record<Exclude<ArrangementKind, 'oval' | 'rectangle'>, ArrangementWay>> = {
  arch: layArch,
  branches: layBranches,
  hanging: layHanging,
  list: layList,
};

/**
 * The prints of an arrangement, as one group; each can be moved afterwards. What hangs has its strings, which
 * reach the top edge.
 */
export function newArrangement(
  ground: Ground,
  kind: ArrangementKind,
  tiers: readonly Tier[],
  how: Laying,
): readonly Mark[] {
  const support = supportRect(ground.card, ground.support);
  const stamps = new Map(
    tiers.flatMap((tier) => tier.stamps).map((stamp) => [stamp.id as string, stamp]),
  );
  const pieces = tiers.map((tier) =>
    Array.from({ length: tier.count }, (_, index) => tier.stamps[index % tier.stamps.length])
      .filter((stamp) => stamp !== undefined)
      .map(({ id, width, height }) => ({ key: id, width: width.ticks, height: height.ticks })),
  );
  const laid =
    kind === 'oval' || kind === 'rectangle'
      ? layWreath({ ...how, area: support, path: kind, tiers: pieces })
      : ways[kind]({ ...how, area: support, pieces: pieces.flat() });
  const prints = laid.flatMap(({ key, middle, turn }): Mark[] => {
    const stamp = stamps.get(key);
    if (!stamp) return [];
    const size = { width: stamp.width.ticks, height: stamp.height.ticks };
    const rect = boxAt(keptOn(support, middle, size, turn), size.width, size.height);
    return [
      {
        ...newImage({ id: ground.newId(), on: ground.on }, stamp),
        place: placeAt(rect, support, turn),
        group: ground.group,
      },
    ];
  });
  if (kind !== 'hanging') return prints;
  const tops = laid.flatMap(({ key, middle }) => {
    const stamp = stamps.get(key);
    return stamp ? [{ x: middle.x, y: middle.y - stamp.height.ticks / 2 }] : [];
  });
  return [...tops.flatMap((end, at) => stringTo(ground, support, end, at)), ...prints];
}

/** The middle of a turned print, moved in where a corner of it would reach over an edge. */
function keptOn(area: Rect, middle: Point, { width, height }: Size, turn: number): Point {
  const { x0, y0, x1, y1 } = boundsOf([turnedCorners(boxAt(middle, width, height), turn)]);
  const within = (near: number, far: number, from: number, to: number) =>
    far - near > to - from
      ? (from + to - near - far) / 2
      : Math.max(0, from - near) - Math.max(0, far - to);
  return {
    x: middle.x + within(x0, x1, area.x, area.x + area.width),
    y: middle.y + within(y0, y1, area.y, area.y + area.height),
  };
}

/** A string from the top edge down to what hangs on it; none where it hangs from the edge itself. */
function stringTo(
  ground: Ground,
  support: Rect,
  end: { readonly x: number; readonly y: number },
  at: number,
): readonly Mark[] {
  const height = Math.round(end.y - support.y);
  if (height <= 0) return [];
  const width = stringWidth;
  const middle = { x: end.x, y: support.y + height / 2 };
  return [
    {
      kind: 'drawn',
      ...plainMark,
      id: ground.newId(),
      on: ground.on,
      name: `String ${at + 1}`,
      place: placeAt(boxAt(middle, width, height), support, 0),
      group: ground.group,
      width: asTyped(lengthFromTicks(width)),
      height: asTyped(lengthFromTicks(height)),
      path: 'M500 0V1000',
      lineWidth: asTyped(lengthFromTicks(Math.round(width / 2))),
      colour: { wish: '#5f666b' },
    },
  ];
}

/** A thread, from memory. */
const stringWidth = millimetres(1);

/**
 * A line of words again and again at an even pitch, up and down from where it stands, as far as the paper goes: a
 * background of words. A line of free paper lies between unless another pitch is given. The line itself stays; undefined where there is no room for another.
 */
export function repeatLine(
  ground: Ground,
  line: ResolvedMark,
  pitch: number = line.rect.height * 2,
): readonly Mark[] {
  const support = supportRect(ground.card, ground.support);
  const { rect, piece } = line;
  const up = Math.floor((rect.y - support.y) / pitch);
  const down = Math.floor((support.y + support.height - rect.y - rect.height) / pitch);
  const steps = Array.from({ length: up + down + 1 }, (_, at) => at - up).filter(
    (step) => step !== 0,
  );
  return steps.map((step) => ({
    ...piece,
    id: ground.newId(),
    place: {
      ...placeAt(movedBy(rect, 0, Math.round(step * pitch)), support, piece.place.turn),
      x: piece.place.x,
    },
    group: ground.group,
  }));
}

/** Dots of three sizes, as one group, and how many found no room. */
export function newScatter(
  ground: Ground,
  how: Pick<ScatterInput, 'sizes' | 'denserAt' | 'distance' | 'seed'> & {
    readonly look: Extract<Mark, { kind: 'dot' }>['look'];
    readonly colour: string;
    readonly keepOff: readonly Placed[];
  },
): { readonly marks: readonly Mark[]; readonly left: number } {
  const support = supportRect(ground.card, ground.support);
  const { dots, left } = scatterDots({
    ...how,
    area: support,
    keepOff: how.keepOff.map(outlineOf),
  });
  const marks = dots.map(({ middle, diameter }, index): Mark => ({
    kind: 'dot',
    id: ground.newId(),
    name: `${how.look} ${index + 1}`,
    on: ground.on,
    place: placeAt(boxAt(middle, diameter, diameter), support, 0),
    isOff: false,
    group: ground.group,
    notes: '',
    look: how.look,
    diameter: asTyped(lengthFromTicks(diameter)),
    colour: { wish: how.colour },
    item: null,
  }));
  return { marks, left: left.reduce((sum, count) => sum + count, 0) };
}

function boxAt(
  { x, y }: { readonly x: number; readonly y: number },
  width: number,
  height: number,
): Rect {
  return {
    x: Math.round(x - width / 2) as Length,
    y: Math.round(y - height / 2) as Length,
    width: width as Length,
    height: height as Length,
  };
}
