import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import type { Size } from '../length/length';
import { applyEdit } from './applyEdit';
import { editBetween } from './editBetween';
import type { PieceId } from './ids';
import { sceneSchema, type SceneLine } from './scene';
import {
  addLine,
  addPoint,
  changeScene,
  inkedIn,
  movePoint,
  movePointBy,
  newHorizon,
  newScene,
  removePoint,
  withEdge,
  withoutLine,
} from './sceneEdits';

const { plan } = must(demoCards.find(({ id }) => id === 'hillside-beds'));
const scene = must(plan.scenes[0]);
const id = (text: string) => text as PieceId;
const far = id('far');
const xs = (lines: readonly SceneLine[]) =>
  lines.flatMap(({ id: own, edge }) =>
    own === far && edge.by === 'points' ? edge.points.map(({ x }) => x.ticks / 16_000) : [],
  );
const point = (x: number) => ({ x: { ticks: (x * 16_000) as never }, y: { ticks: 0 as never } });

describe('the edits of a scene', () => {
  it('begin with three strips, and each line more lies below the others', () => {
    const size = { width: 1_600_000 as never, height: 1_000_000 as never };
    const ids = [id('s'), id('a'), id('b')] as const;
    const begun = newScene(ids, { face: 'front' }, 'Hills', size);
    expect(sceneSchema.safeParse(begun).success).toBe(true);
    const more = addLine(begun, id('c'), size);
    const heights = more.map(({ edge }) =>
      edge.by === 'points'
        ? edge.points.reduce((sum, { y }) => sum + y.ticks, 0) / edge.points.length
        : 0,
    );
    expect(heights).toEqual([400_000, 700_000, 850_000]);
  });

  it('keep a point between its neighbours, and the last two of a line', () => {
    expect(xs(scene.lines)).toEqual([0, 32, 70, 106, 140]);
    expect(xs(movePoint(scene.lines, far, 1, point(200)))).toEqual([0, 70, 70, 106, 140]);
    expect(xs(movePoint(scene.lines, far, 0, point(-20)))).toEqual([-20, 32, 70, 106, 140]);
    expect(xs(addPoint(scene.lines, far, 1))).toEqual([0, 32, 51, 70, 106, 140]);
    expect(xs(addPoint(scene.lines, far, 4))).toEqual([0, 32, 70, 106, 123, 140]);
    const fewer = [3, 2, 1, 0].reduce<Scene>(
      (lines, at) => removePoint(lines, far, at),
      scene.lines,
    );
    expect(xs(fewer)).toEqual([0, 140]);
  });

  it('move a point to a mark, but only along the axis it is moved on', () => {
    const marks = 16_000 as never;
    const off = movePoint(scene.lines, far, 1, { ...point(32.3), y: { ticks: 160_100 as never } });
    const at = (lines: readonly SceneLine[]) =>
      lines.flatMap(({ id: own, edge }) =>
        own === far && edge.by === 'points' ? (edge.points[1] ?? []) : [],
      )[0];
    const moved = at(movePointBy(off, far, 1, [16_000, 0], marks));
    expect([moved?.x.ticks, moved?.y.ticks]).toEqual([33 * 16_000, 160_100]);
    expect(movePointBy(scene.lines, id('nowhere'), 0, [16_000, 0], marks)).toBe(scene.lines);
  });

  it('let a line follow something else, and leave the others as they are', () => {
    const edge = { by: 'piece', piece: id('scarecrow'), side: 'top' } as const;
    const lines = withEdge(scene.lines, far, edge);
    expect(lines[0]).toEqual({ id: far, edge });
    expect(lines.slice(1)).toEqual(scene.lines.slice(1));
    expect(lines[1]).toBe(scene.lines[1]);
  });

  it('let a strip join the one above where its line goes, with what is inked in it', () => {
    const { lines, inked } = withoutLine(scene, id('beans'));
    expect(lines.map((line) => line.id)).toEqual(['far', 'leeks', 'near']);
    const of = (piece: string) => inked.find((each) => each.piece === id(piece))?.strips;
    expect(of('bean-bed')).toEqual(['far']);
    expect(of('scarecrow')).toEqual(['far', 'leeks']);
    expect(
      withoutLine(scene, far).inked.find((each) => each.piece === id('far-hill'))?.strips,
    ).toEqual(['top']);
  });

  it('begin with a straight line across, as a strip of card is laid for a horizon', () => {
    const on = { piece: id('panel') };
    const size = { width: 1000, height: 500 } as unknown as Size;
    const { lines } = newHorizon([id('scene'), id('line')], on, 'Panel in strips', size);
    const points = [
      { x: { ticks: 0 }, y: { ticks: 300 } },
      { x: { ticks: 1000 }, y: { ticks: 300 } },
    ];
    expect(lines).toEqual([{ id: 'line', edge: { by: 'points', points, isSmooth: false } }]);
  });

  it('take a mark into a strip, and out of the scene with its last', () => {
    const more = inkedIn(scene, id('sun'), 'top', true);
    expect(more.at(-1)).toEqual({ piece: 'sun', strips: ['disc', 'top'] });
    const none = inkedIn(scene, id('sun'), 'disc', false);
    expect(none.some(({ piece }) => piece === id('sun'))).toBe(false);
  });

  it('are taken back whole, and made by restoring a revision', () => {
    const edit = changeScene(scene, withoutLine(scene, far));
    const outcome = applyEdit(plan, edit);
    if (!outcome.ok) throw new Error(outcome.issue.code);
    expect(applyEdit(outcome.plan, outcome.inverse)).toMatchObject({ plan });
    expect(applyEdit(outcome.plan, editBetween(outcome.plan, plan))).toMatchObject({ plan });
    expect(applyEdit(plan, { kind: 'put', in: 'scenes', item: scene })).toMatchObject({
      issue: { code: 'there-already' },
    });
  });
});

type Scene = readonly SceneLine[];
