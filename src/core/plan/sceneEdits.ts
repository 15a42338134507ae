import { lengthFromTicks, type Length, type Size } from '../length/length';
import { asTyped } from '../length/typedLength';
import type { SimpleEdit } from './edit';
import type { PieceId } from './ids';
import type { Support } from './piece';
import type { Scene, SceneLine, ScenePoint } from './scene';

/** The edit that changes a scene. */
export function changeScene(
  { id }: Pick<Scene, 'id'>,
  change: Partial<Omit<Scene, 'id'>>,
): SimpleEdit {
  return { kind: 'change', in: 'scenes', id, change };
}

const at = (x: number, y: number): ScenePoint => ({
  x: asTyped(lengthFromTicks(Math.round(x))),
  y: asTyped(lengthFromTicks(Math.round(y))),
});

/** A gentle wave across a paper, so high above and below its middle. */
function wave({ width, height }: Size, share: number, phase: 1 | -1): readonly ScenePoint[] {
  const swing = (phase * height) / 40;
  const y = height * share;
  return [
    at(0, y + swing),
    at(width / 3, y - swing),
    at((width * 2) / 3, y + swing),
    at(width, y - swing),
  ];
}

/** Paper divided into three strips by two gentle lines; nothing is kept to them yet. @param ids of the scene and the lines */
export function newScene(
  [id, upper, lower]: readonly [PieceId, PieceId, PieceId],
  on: Support,
  name: string,
  size: Size,
): Scene {
  return {
    id,
    name,
    on,
    lines: [
      { id: upper, edge: { by: 'points', points: wave(size, 0.4, 1), isSmooth: true } },
      { id: lower, edge: { by: 'points', points: wave(size, 0.7, -1), isSmooth: true } },
    ],
    disc: null,
    inked: [],
    turns: null,
  };
}

/** Paper divided by one straight line, as by a strip of card laid across it for a horizon. @param ids of the scene and the line */
export function newHorizon(
  [id, line]: readonly [PieceId, PieceId],
  on: Support,
  name: string,
  { width, height }: Size,
): Scene {
  const y = height * 0.6;
  const edge = { by: 'points', points: [at(0, y), at(width, y)], isSmooth: false } as const;
  return { id, name, on, lines: [{ id: line, edge }], disc: null, inked: [], turns: null };
}

/** A disc for a sun or moon, to go on from: high on the right, a fifth of the width across. */
export function newDisc({ width, height }: Size): NonNullable<Scene['disc']> {
  const { x: across } = at(width / 5, 0);
  return { ...at((width * 2) / 3, height / 5), across };
}

/** The lines with one that follows something else. */
export function withEdge(
  lines: readonly SceneLine[],
  id: PieceId,
  edge: SceneLine['edge'],
): readonly SceneLine[] {
  return lines.map((line) => (line.id === id ? { ...line, edge } : line));
}

/** A line more below the others, halfway to the lower edge of the paper. */
export function addLine({ lines }: Scene, id: PieceId, size: Size): readonly SceneLine[] {
  const lowest = Math.max(
    0,
    ...lines.map(({ edge }) =>
      edge.by === 'points'
        ? edge.points.reduce((sum, { y }) => sum + y.ticks, 0) / edge.points.length
        : 0,
    ),
  );
  const share = Math.min(0.95, (lowest / size.height + 1) / 2);
  const phase = lines.length % 2 === 0 ? 1 : -1;
  return [
    ...lines,
    { id, edge: { by: 'points', points: wave(size, share, phase), isSmooth: true } },
  ];
}

/** What changes where a line goes: what was inked below it is inked in the strip above, which it joins. */
export function withoutLine({ lines, inked }: Scene, id: PieceId): Pick<Scene, 'lines' | 'inked'> {
  const index = lines.findIndex((line) => line.id === id);
  const above = lines[index - 1]?.id ?? ('top' as PieceId);
  return {
    lines: lines.filter((line) => line.id !== id),
    inked: inked.map(({ piece, strips }) => ({
      piece,
      strips: [...new Set(strips.map((strip) => (strip === id ? above : strip)))],
    })),
  };
}

/** The lines with the points of one changed; a line that follows an edge stays as it is. */
function withPoints(
  lines: readonly SceneLine[],
  id: PieceId,
  change: (points: readonly ScenePoint[]) => readonly ScenePoint[],
): readonly SceneLine[] {
  return lines.map((line) =>
    line.id === id && line.edge.by === 'points'
      ? { ...line, edge: { ...line.edge, points: change(line.edge.points) } }
      : line,
  );
}

/** A point of a line put elsewhere; it stays between its neighbours from left to right. */
export function movePoint(
  lines: readonly SceneLine[],
  id: PieceId,
  index: number,
  { x, y }: ScenePoint,
): readonly SceneLine[] {
  return withPoints(lines, id, (points) => {
    const least = points[index - 1]?.x.ticks ?? -Infinity;
    const most = points[index + 1]?.x.ticks ?? Infinity;
    const between = Math.min(Math.max(x.ticks, least), most);
    const moved = { x: between === x.ticks ? x : asTyped(lengthFromTicks(between)), y };
    return points.map((point, place) => (place === index ? moved : point));
  });
}

/** A point moved so far, in ticks, to a mark; what it is not moved along stays as it is, on a mark or not. */
export function movePointBy(
  lines: readonly SceneLine[],
  id: PieceId,
  index: number,
  [dx, dy]: readonly [number, number],
  marks: Length,
): readonly SceneLine[] {
  const edge = lines.find((line) => line.id === id)?.edge;
  const point = edge?.by === 'points' ? edge.points[index] : undefined;
  if (!point) return lines;
  const moved = (length: ScenePoint['x'], by: number) =>
    by === 0 ? length : asTyped(lengthFromTicks(Math.round((length.ticks + by) / marks) * marks));
  return movePoint(lines, id, index, { x: moved(point.x, dx), y: moved(point.y, dy) });
}

/** A point more, halfway to the next; after the last halfway to the one before. */
export function addPoint(
  lines: readonly SceneLine[],
  id: PieceId,
  index: number,
): readonly SceneLine[] {
  return withPoints(lines, id, (points) => {
    const first = Math.min(index, points.length - 2);
    const [a, b] = [points[first], points[first + 1]];
    if (!a || !b) return points;
    const middle = at((a.x.ticks + b.x.ticks) / 2, (a.y.ticks + b.y.ticks) / 2);
    return [...points.slice(0, first + 1), middle, ...points.slice(first + 1)];
  });
}

/** A point less; the last two stay. */
export function removePoint(
  lines: readonly SceneLine[],
  id: PieceId,
  index: number,
): readonly SceneLine[] {
  return withPoints(lines, id, (points) =>
    points.length > 2 ? points.filter((_, place) => place !== index) : points,
  );
}

/** A mark inked in a strip, or no longer; one that is in no strip any more is kept to none. */
export function inkedIn(
  { inked }: Pick<Scene, 'inked'>,
  piece: PieceId,
  strip: string,
  isInked: boolean,
): Scene['inked'] {
  const own = inked.find((each) => each.piece === piece)?.strips ?? [];
  const others = own.filter((each) => each !== strip);
  const strips = isInked ? [...others, strip as PieceId] : others;
  const rest = inked.filter((each) => each.piece !== piece);
  return strips.length > 0 ? [...rest, { piece, strips }] : rest;
}

/**
 * The turns with a strip in another, counted from 0; turns that come empty go.
 * @param now which strips are open together by now, by hand or as proposed
 */
export function turnedTo(
  now: readonly (readonly string[])[],
  strip: string,
  turn: number,
): NonNullable<Scene['turns']> {
  const others = now.map((each) => each.filter((id) => id !== strip));
  const all = turn >= others.length ? [...others, [strip]] : others;
  return all
    .map((each, at) => (at === turn && !each.includes(strip) ? [...each, strip] : each))
    .filter((each) => each.length > 0)
    .map((each) => each.map((id) => id as PieceId));
}
