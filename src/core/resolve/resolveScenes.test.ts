import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { after } from '../../../test/support/edits';
import { must } from '../../../test/support/must';
import { batchEdits } from '../plan/batchEdits';
import type { PieceId } from '../plan/ids';
import { changePiece } from '../plan/pieceEdits';
import { changeScene } from '../plan/sceneEdits';
import { boundsOf } from '../outline/outline';
import { areaOfOutline, intersectOutlines } from '../outline/polygons';
import type { Length } from '../length/length';
import { dieEdge } from './dieEdge';
import { inkMeeting } from './inkOf';
import { outlineOf } from './outlineOf';
import { placedById } from './resolvedCard';
import { resolvePlan } from './resolvePlan';
import { isMark } from './outlineOf';

const { plan, library } = must(demoCards.find(({ id }) => id === 'hillside-beds'));
const card = resolvePlan(plan, library);
const [scene] = card.scenes;
const strips = must(scene).strips;
const decided = must(plan.scenes[0]);
const mark = (id: string, of = card) => {
  const found = must(placedById(of, id));
  if (!isMark(found)) throw new Error(`${id} is paper`);
  return found;
};
const side = 140 * 16_000;

describe('a scene in strips', () => {
  it('has its strips and its disc cover the panel to the square tick, none over another', () => {
    expect(strips.map(({ id }) => id)).toEqual(['top', 'far', 'beans', 'leeks', 'near', 'disc']);
    expect(strips.reduce((sum, { area }) => sum + area, 0)).toBe(side ** 2);
    for (const [at, { outline }] of strips.entries())
      for (const other of strips.slice(at + 1))
        expect(areaOfOutline(intersectOutlines(outline, other.outline))).toBe(0);
  });

  it('keeps what is inked in strips to them, and leaves all else alone', () => {
    const scarecrow = mark('scarecrow');
    const own = strips.filter(({ id }) => ['far', 'beans', 'leeks'].includes(id));
    const within = own.reduce(
      (sum, { outline }) => sum + areaOfOutline(intersectOutlines(outlineOf(scarecrow), outline)),
      0,
    );
    expect(areaOfOutline(outlineOf(scarecrow))).toBeCloseTo(within, -6);
    // Its foot stands behind the nearest bed.
    expect(boundsOf(outlineOf(scarecrow)).y1).toBeLessThan(
      scarecrow.rect.y + scarecrow.rect.height,
    );
    expect(mark('greeting').within).toBeUndefined();
    // Above its strip the far hill inks nothing.
    expect(inkMeeting(mark('far-hill'), must(strips[0]).outline.slice(0, 1)).length).toBe(
      inkMeeting(mark('far-hill'), must(strips[1]).outline).length,
    );
    expect(inkMeeting(mark('path'), outlineOf(mark('greeting')))).toEqual([]);
    expect(inkMeeting(mark('sky'), outlineOf(mark('greeting'))).length).toBeGreaterThan(0);
  });

  it('is divided along the edge of a die, which is moved as a whole and keeps its corners', () => {
    // A gable: 140 mm wide, its peak 40 mm over its foot.
    const shape = { box: { width: 140, height: 50 }, outline: 'M0 40L70 0L140 40L140 50L0 50Z' };
    const [across, high] = [140, 50].map((each) => ({ ticks: (each * 16_000) as Length }));
    const dies = {
      ...{ name: 'Gable border', shape },
      steps: [{ width: must(across), height: must(high) }],
    };
    const laid = must(dieEdge(dies, { width: side }, side / 2, 1));
    const { corners } = laid;
    const down = corners.map(({ y }) => y);
    // Its swing is the wavy edge of the die, and its middle as high as the line was.
    const [least, most] = [Math.min(...down), Math.max(...down)];
    expect(most - least).toBe(40 * 16_000);
    expect(laid.y.ticks + Math.round((least + most) / 2)).toBe(side / 2);
    const cut = (edge: typeof laid) => {
      const lines = decided.lines.slice(0, 1).map((line) => ({ ...line, edge }));
      const own = resolvePlan(after(plan, changeScene(decided, { lines, disc: null })), library);
      return must(own.scenes[0]).strips;
    };
    const [above, below] = cut(laid);
    expect(must(above).area + must(below).area).toBe(side ** 2);
    const lower = cut({ ...laid, y: { ticks: (laid.y.ticks + 16_000) as Length } });
    // Crossings are put on whole ticks, so that it is a few ticks by the height off.
    expect((must(lower[0]).area - must(above).area) / side).toBeCloseTo(16_000, 1);
    expect(dieEdge({ ...dies, shape: null }, { width: side }, 0, 1)).toBeUndefined();
    // On the marks of a ruler, here whole millimetres.
    const onMarks = dieEdge(dies, { width: side - 5000 }, side / 2 + 7000, 16_000);
    expect([must(onMarks).x.ticks % 16_000, must(onMarks).y.ticks % 16_000]).toEqual([0, 0]);
  });

  it('follows the edge of a piece, wherever that is moved, and does without one that is gone', () => {
    const edge = { by: 'piece', piece: 'scarecrow' as PieceId, side: 'top' } as const;
    const lines = [{ id: 'edge' as PieceId, edge }];
    const following = after(plan, batchEdits([changeScene(decided, { lines, disc: null })]));
    const heightOf = (of: typeof plan) => {
      const [line] = must(resolvePlan(of, library).scenes[0]).lines;
      return line && boundsOf([line.line]).y0;
    };
    const piece = mark('scarecrow').piece;
    const lower = changePiece(piece, {
      place: { ...piece.place, y: { from: 'bottom', distance: { ticks: 160_000 as never } } },
    });
    const moved = after(following, batchEdits([lower]));
    expect(must(heightOf(moved)) - must(heightOf(following))).toBe(10 * 16_000);
    const gone = after(following, batchEdits([{ kind: 'remove', in: 'pieces', id: 'scarecrow' }]));
    expect(heightOf(gone)).toBeUndefined();
    expect(must(resolvePlan(gone, library).scenes[0]).strips.map(({ area }) => area)).toEqual([
      side ** 2,
    ]);
  });

  it('keeps the same outlines while its lines stay, and is left out where its paper is gone', () => {
    const renamed = after(plan, batchEdits([changeScene(decided, { name: 'Slope' })]));
    const again = resolvePlan(renamed, library);
    expect(again.scenes[0]?.strips).toBe(strips);
    expect(mark('sky', again).within).toBe(mark('sky').within);
    const bare = after(plan, batchEdits([{ kind: 'remove', in: 'pieces', id: 'hill-panel' }]));
    expect(resolvePlan(bare, library).scenes).toEqual([]);
    expect(mark('sky', resolvePlan(bare, library)).within).toBeUndefined();
  });
});
