import { joinApart } from '../arrangement/joinOutlines';
import { stripsOf } from '../arrangement/stripsOf';
import type { Polygon } from '../geometry/flattenPath';
import { smoothLine } from '../geometry/smoothLine';
import { edgeOf } from '../outline/edgeOf';
import { rounded, type Outline } from '../outline/outline';
import { facesOf, type FaceId } from '../plan/faces';
import type { PieceId } from '../plan/ids';
import type { Plan } from '../plan/plan';
import type { Scene, SceneLine } from '../plan/scene';
import type { SupportId } from './origins';
import { outlineOf, outlineOfBase } from './outlineOf';
import type { ResolvedBase } from './resolvedCard';
import type { ResolvedMark } from './resolvedMark';
import type { ResolvedPiece } from './resolvedPiece';
import { discStrip, topStrip, type ResolvedScene, type ResolvedStrip } from './resolvedScene';

interface Resolved {
  readonly scenes: readonly ResolvedScene[];
  /** Those of scenes are kept to their strips. */
  readonly marks: readonly ResolvedMark[];
}

/** The scenes of a plan; one whose paper is not there is left out. @param marks in the order they are laid */
export function resolveScenes(
  plan: Plan,
  base: ResolvedBase,
  pieces: readonly ResolvedPiece[],
  marks: readonly ResolvedMark[],
): Resolved {
  if (plan.scenes.length === 0) return { scenes: [], marks };
  const within = new Map<PieceId, Outline>();
  const scenes = plan.scenes.flatMap((scene): readonly ResolvedScene[] => {
    const under = underOf(scene, plan, base, pieces);
    if (!under) return [];
    const { lines, strips } = divide(scene, under, [...pieces, ...marks]);
    const own = new Map(scene.inked.map((each) => [each.piece, each.strips]));
    const inked = marks.flatMap(({ id, face, support }) => {
      const wanted = own.get(id);
      if (!wanted || within.has(id) || face !== under.face || support !== under.support) return [];
      within.set(id, joined(strips, wanted));
      return [{ mark: id, strips: wanted }];
    });
    const { id, name, turns } = scene;
    const { face, support, paper } = under;
    return [{ id, name, face, support, paper, lines, strips, inked, turns }];
  });
  return {
    scenes,
    marks: marks.map((mark) => {
      const own = within.get(mark.id);
      return own ? { ...mark, within: own } : mark;
    }),
  };
}

interface Under {
  readonly face: FaceId;
  readonly support: SupportId;
  readonly paper: Outline;
  /** Where the points of lines are told from. */
  readonly x: number;
  readonly y: number;
}

function underOf(
  { on }: Scene,
  plan: Plan,
  base: ResolvedBase,
  pieces: readonly ResolvedPiece[],
): Under | undefined {
  if ('face' in on)
    return facesOf(plan.base.fold).includes(on.face)
      ? { face: on.face, support: 'base', paper: outlineOfBase(base), x: 0, y: 0 }
      : undefined;
  const piece = pieces.find(({ id }) => id === on.piece);
  if (!piece) return undefined;
  const { face, id, rect } = piece;
  return { face, support: id, paper: outlineOf(piece), x: rect.x, y: rect.y };
}

interface Divided {
  readonly lines: ResolvedScene['lines'];
  readonly strips: readonly ResolvedStrip[];
}

/** The last of each scene, and what it was made from; a scene that an edit leaves alone stays the same object. */
const known = new WeakMap<Scene['lines'], Divided & { readonly from: readonly unknown[] }>();

function divide(
  { lines, disc }: Scene,
  { paper, x, y }: Under,
  placed: readonly (ResolvedPiece | ResolvedMark)[],
): Divided {
  const edges = lines.map(({ edge }) => {
    const found = edge.by === 'piece' && placed.find(({ id }) => id === edge.piece);
    return found ? outlineOf(found) : undefined;
  });
  const from = [paper, x, y, disc, ...edges];
  const before = known.get(lines);
  if (before?.from.every((each, at) => each === from[at])) return before;
  const drawn = lines.flatMap((line, at) => {
    const points = lineOf(line, edges[at], { x, y });
    return points.length > 1 ? [{ id: line.id, line: points }] : [];
  });
  const circle = disc && discOf(disc, { x, y });
  const names = [topStrip, ...drawn.map(({ id }) => id), discStrip];
  const strips = stripsOf(
    paper,
    drawn.map(({ line }) => line),
    circle ?? undefined,
  ).map((strip) => ({ ...strip, id: names[strip.at] ?? topStrip }));
  const divided = { lines: drawn, strips, from };
  known.set(lines, divided);
  return divided;
}

/** The corner that points are told from. */
interface Corner {
  readonly x: number;
  readonly y: number;
}

/** A value reckoned from a part of a plan and a corner, kept by that part while the corner stays. */
function keptBy<Part extends object, Value>(reckon: (part: Part, corner: Corner) => Value) {
  const kept = new WeakMap<Part, Corner & { readonly value: Value }>();
  return (part: Part, { x, y }: Corner): Value => {
    const before = kept.get(part);
    if (before?.x === x && before.y === y) return before.value;
    const value = reckon(part, { x, y });
    kept.set(part, { x, y, value });
    return value;
  };
}

type DrawnEdge = Extract<SceneLine['edge'], { by: 'points' }>;
const drawnLine = keptBy(({ points, isSmooth }: DrawnEdge, { x, y }) => {
  const placed = points.map((point) => ({ x: x + point.x.ticks, y: y + point.y.ticks }));
  return isSmooth ? smoothLine(placed) : placed;
});
const discOf = keptBy((disc: NonNullable<Scene['disc']>, { x, y }): Outline => [
  circleOf(x + disc.x.ticks, y + disc.y.ticks, disc.across.ticks / 2),
]);

type DieEdge = Extract<SceneLine['edge'], { by: 'die' }>;
const dieLine = keptBy(({ x: across, y: down, corners }: DieEdge, { x, y }): Polygon =>
  corners.map((corner) => ({
    x: x + across.ticks + corner.x,
    y: y + down.ticks + corner.y,
  })),
);

/** A line as points on whole ticks; none where the edge it follows is gone. */
function lineOf({ edge }: SceneLine, followed: Outline | undefined, corner: Corner): Polygon {
  if (edge.by === 'piece') return followed ? edgeOf(followed, edge.side).map(rounded) : [];
  return edge.by === 'die' ? dieLine(edge, corner) : drawnLine(edge, corner);
}

const circleSides = 96;

function circleOf(x: number, y: number, radius: number): Polygon {
  return Array.from({ length: circleSides }, (_, at) => {
    const angle = (at / circleSides) * 2 * Math.PI;
    return rounded({ x: x + radius * Math.cos(angle), y: y + radius * Math.sin(angle) });
  });
}

/** Strips joined before, by their names; the same object as long as the strips are. */
const joins = new WeakMap<readonly ResolvedStrip[], Map<string, Outline>>();

function joined(strips: readonly ResolvedStrip[], wanted: readonly string[]): Outline {
  const own = joins.get(strips) ?? new Map<string, Outline>();
  joins.set(strips, own);
  const open = strips.filter(({ id }) => wanted.includes(id));
  const key = open.map(({ id }) => id).join(' ');
  const outline = own.get(key) ?? joinApart(open.map((strip) => strip.outline));
  own.set(key, outline);
  return outline;
}
