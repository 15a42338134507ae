import { arrange, outlineOfParts } from '../../arrangement/arrange';
import { flattenPath, type Polygon } from '../../geometry/flattenPath';
import { corners, rounded, type Outline } from '../../outline/outline';
import type { PieceOf } from '../../plan/piece';

type Box = Readonly<Record<'x' | 'y' | 'width' | 'height', number>>;
type Bow = NonNullable<PieceOf<'ribbon'>['bow']>;

/** One path of a ribbon as it is drawn: in a box of units, laid in a box on the face. */
interface RibbonPath {
  readonly path: string;
  readonly box: { readonly width: number; readonly height: number };
  readonly at: Box;
  /** A loop, which twine makes with its line alone. */
  readonly isLoop: boolean;
}

/** A ribbon before it is turned: what lies flat, what stands up, and all of it as it is drawn, lowest first. */
interface RibbonShape {
  /** The ribbon from edge to edge, and the two tails of its bow. */
  readonly flat: Outline;
  /** Loops and knot; empty where it has no bow. */
  readonly bow: Outline;
  readonly paths: readonly RibbonPath[];
}

const loopBox = { width: 1000, height: 560 };
/** Two loops, one the other turned over, and the knot over both. */
const loops = [
  'M500 280C430 170 250 -20 90 20C-30 60 -30 500 90 540C250 580 430 390 500 280Z',
  'M500 280C570 170 750 -20 910 20C1030 60 1030 500 910 540C750 580 570 390 500 280Z',
] as const;
const knotOfBow = 'M440 200Q500 170 560 200V360Q500 390 440 360Z';

/** A knot by itself: a rounded lump as large as its box. */
const knotBox = { width: 100, height: 100 };
const knot = 'M15 15Q50 -5 85 15Q105 50 85 85Q50 105 15 85Q-5 50 15 15Z';

/** Tails hang outward at about 30 degrees from the upright: of each unit so much to the side, and so much down. */
const aside = 0.5;
const down = 0.87;

/** Chords of a bow keep to its line within a part of its box that no ruler shows. */
const chordUnits = 2;

/** What a ribbon covers that lies in a box on its face. */
export function ribbonShape({ runs, bow }: PieceOf<'ribbon'>, rect: Box): RibbonShape {
  const band = corners(rect).map(rounded);
  if (!bow) return { flat: [band], bow: [], paths: [pathOf(band)] };
  const middle =
    runs === 'across'
      ? { x: rect.x + bow.at.ticks, y: rect.y + rect.height / 2 }
      : { x: rect.x + rect.width / 2, y: rect.y + bow.at.ticks };
  const size = loopsOf(bow);
  const at = { ...size, x: middle.x - size.width / 2, y: middle.y - size.height / 2 };
  const tails = bow.tail.ticks > 0 ? tailsOf(runs, bow, rect, middle) : [];
  const raised: readonly RibbonPath[] =
    bow.look === 'knot'
      ? [{ path: knot, box: knotBox, at, isLoop: false }]
      : [
          ...loops.map((path) => ({ path, box: loopBox, at, isLoop: true })),
          { path: knotOfBow, box: loopBox, at, isLoop: false },
        ];
  return {
    flat: [band, ...tails],
    bow: united(raised.map(outlineOfPath)),
    paths: [pathOf(band), ...tails.map(pathOf), ...raised],
  };
}

/** All of a ribbon as one outline. */
export function united(outlines: readonly Outline[]): Outline {
  return outlineOfParts(arrange(outlines));
}

function loopsOf({ look, across: { ticks } }: Bow): { width: number; height: number } {
  if (look === 'knot') return { width: ticks, height: ticks };
  return { width: ticks, height: (ticks * loopBox.height) / loopBox.width };
}

/** Two ends as wide as the ribbon, from its edge downward and outward; cut level. */
function tailsOf(
  runs: 'across' | 'down',
  { tail: { ticks } }: Bow,
  rect: Box,
  middle: { readonly x: number; readonly y: number },
): readonly Polygon[] {
  const [side, drop] = [ticks * aside, ticks * down];
  return [-1, 1].map((way) => {
    const points =
      runs === 'across'
        ? hanging(middle.x, rect.y + rect.height, way * rect.height, way * side, drop)
        : leaning(middle.x + (way * rect.width) / 2, middle.y, rect.width, way * side, drop);
    return points.map(rounded);
  });
}

/** From under a level ribbon: its upper end lies along the ribbon's edge. */
function hanging(x: number, y: number, wide: number, side: number, drop: number): Polygon {
  return [
    { x, y },
    { x: x + wide, y },
    { x: x + wide + side, y: y + drop },
    { x: x + side, y: y + drop },
  ];
}

/** From beside an upright one. */
function leaning(x: number, y: number, high: number, side: number, drop: number): Polygon {
  return [
    { x, y },
    { x: x + side, y: y + drop },
    { x: x + side, y: y + drop + high },
    { x, y: y + high },
  ];
}

function outlineOfPath({ path, box, at }: RibbonPath): Outline {
  return flattenPath(path, chordUnits).map((polygon) =>
    polygon.map(({ x, y }) =>
      rounded({
        x: at.x + (x / box.width) * at.width,
        y: at.y + (y / box.height) * at.height,
      }),
    ),
  );
}

/** A polygon as a path in the box round it. */
function pathOf(polygon: Polygon): RibbonPath {
  const [xs, ys] = [polygon.map(({ x }) => x), polygon.map(({ y }) => y)];
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  const at = { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
  const path = `M${polygon.map((point) => `${point.x - x} ${point.y - y}`).join('L')}Z`;
  return { path, box: at, at, isLoop: false };
}
