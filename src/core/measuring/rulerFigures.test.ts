import { describe, expect, it } from 'vitest';
import {
  dotOn,
  library,
  measure,
  pieceOn,
  planOf,
  stampedOn,
  typed,
  wordsOn,
  wren,
} from '../../../test/support/plans';
import { inches, type Length, millimetres } from '../length/length';
import { resolvePlan } from '../resolve/resolvePlan';
import { boundsOf } from '../outline/outline';
import { boxOnFace } from '../resolve/boxOnFace';
import { clearances, rulerFigures } from './rulerFigures';
import { rulerWords } from './rulerWords';
import { demoCards } from '../../../test/support/demoCards';
import { jigPage } from '../pictures/jigPage';
import type { Plan } from '../plan/plan';
import type { Library } from '../plan/library';
import { outlineOf } from '../resolve/outlineOf';

const cropped = {
  ...stampedOn('panel', 'bird', wren),
  crop: { left: typed('0'), top: typed('0'), right: typed('1'), bottom: typed('0') },
};

const panel = pieceOn('front', 'panel', measure('4', '5'));

/** A piece turned by so much, with all it is measured by. */
function turnedBy(plan: Plan, items: Library, id: string, turn: number) {
  const pieces = plan.pieces.map((piece) =>
    piece.id === id ? { ...piece, place: { ...piece.place, turn } } : piece,
  );
  const card = resolvePlan({ ...plan, pieces }, items);
  const placed = [...card.pieces, ...card.marks].find((each) => each.id === id);
  if (!placed) throw new Error(`${id} is gone`);
  return { card, placed };
}

describe('what a ruler is laid to', () => {
  const bird = {
    x: { from: 'left', distance: typed('1/2') },
    y: { from: 'top', distance: typed('3/4') },
  } as const;
  const plan = planOf([
    pieceOn('front', 'panel', measure('4', '5')),
    stampedOn('panel', 'bird', wren, bird),
    wordsOn('panel', 'words', ['hello'], { y: { from: 'bottom', distance: typed('1/2') } }),
    dotOn('panel', 'gem', {
      x: { from: 'left', distance: typed('1/8') },
      y: { from: 'top', distance: typed('1') },
    }),
  ]);
  const card = resolvePlan(plan, library);
  const mark = (id: string) => {
    const found = card.marks.find((each) => each.id === id);
    if (!found) throw new Error(`no ${id}`);
    return found;
  };

  it('are the nearest edges of the panel, where nothing lies between', () => {
    const { x, y } = rulerFigures(card, mark('bird'));
    expect([y.side, y.distance]).toEqual(['top', inches(0, 3, 4)]);
    // A gem lies between the bird and the left edge, so the ruler goes to the right one.
    expect([x.side, x.distance]).toEqual(['right', inches(1, 1, 2)]);
    const free = resolvePlan({ ...plan, pieces: plan.pieces.slice(0, 2) }, library);
    const [alone] = free.marks;
    if (!alone) throw new Error('no bird');
    expect(rulerFigures(free, alone).x).toMatchObject({ side: 'left', distance: inches(0, 1, 2) });
    expect(rulerWords(rulerFigures(free, alone), 'in')).toBe(
      '1⁄2 (12.7 mm) from the left and 3⁄4 (≈\u00a019.1 mm) from the top',
    );
  });

  it('put the piece back where it is: the figures and its size give its place', () => {
    for (const each of card.marks) {
      const { x, y } = rulerFigures(card, each);
      const under = card.pieces[0]?.rect;
      if (!under) throw new Error('no panel');
      const left = x.side === 'left' ? x.distance : under.width - x.distance - each.rect.width;
      const top = y.side === 'top' ? y.distance : under.height - y.distance - each.rect.height;
      expect([under.x + left, under.y + top]).toEqual([each.rect.x, each.rect.y]);
    }
  });

  it('are measured to the turned piece itself', () => {
    const turned = planOf([
      pieceOn('front', 'panel', measure('4', '5')),
      stampedOn('panel', 'bird', wren, { turn: 90 }),
    ]);
    const [piece] = resolvePlan(turned, library).marks;
    if (!piece) throw new Error('no bird');
    const { x, y } = rulerFigures(resolvePlan(turned, library), piece);
    expect([x.distance, y.distance]).toEqual([inches(1, 1, 2), inches(1, 1, 2)]);
    expect(x.isMeasured).toBe(true);
  });

  it('tell the neighbours, the nearest first', () => {
    const [nearest, next] = clearances(card, mark('bird'));
    expect([nearest?.other.id, next?.other.id]).toEqual(['gem', 'words']);
    const gap = nearest?.distance as Length;
    // The roof of the wren's triangle slopes away, so the gap is wider than that of the boxes.
    expect(gap).toBeGreaterThan(inches(0, 1, 4));
  });
});

describe('what a piece is measured by', () => {
  it('does not jump when it is turned by a tenth of a degree, every piece of the demo', () => {
    let looked = 0;
    for (const { plan, library: items } of demoCards)
      for (const { id, place } of plan.pieces) {
        if (place.turn !== 0) continue;
        const [straight, turned] = [0, 0.1].map((turn) => turnedBy(plan, items, id, turn).placed);
        if (!straight || !turned) throw new Error('nothing was measured');
        const [a, b] = [boxOnFace(straight), boxOnFace(turned)];
        // A tenth of a degree moves the corner of the longest by a third of a millimetre.
        for (const side of ['x', 'y', 'width', 'height'] as const)
          expect(Math.abs(a[side] - b[side]), `${id} ${side}`).toBeLessThan(millimetres(0.8));
        looked++;
      }
    expect(looked).toBeGreaterThan(100);
  });

  it('is the part of a print that is not masked off, whether it is turned or not', () => {
    const plan = planOf([panel, cropped, wordsOn('panel', 'words', ['hello', 'there'])]);
    for (const turn of [0, 30]) {
      const { card, placed } = turnedBy(plan, library, 'bird', turn);
      const outline = outlineOf(placed);
      // The left half of the wren is a triangle with its foot an inch long.
      expect(new Set(outline.flat().map(({ x, y }) => `${x} ${y}`)).size).toBe(3);
      const { x0 } = boundsOf(outline);
      expect(boxOnFace(placed).x).toBe(x0);
      const openings = jigPage(card, 'front', '').layers.find(({ id }) => id === 'opening');
      const [drawn = []] =
        openings?.shapes.map((shape) => (shape.kind === 'outline' ? shape.outline : [])) ?? [];
      // It opens as far as the line round the wren is wide, and no further.
      const [own, opened] = [boundsOf(outline), boundsOf(drawn)];
      const halfLine = typed('1/64').ticks;
      for (const side of ['x0', 'y0', 'x1', 'y1'] as const)
        expect(Math.abs(opened[side] - own[side])).toBeLessThanOrEqual(2 * halfLine);
    }
  });

  it('is its box where the print fills it, exactly, and else what is left of it, as measured', () => {
    const plan = planOf([panel, stampedOn('panel', 'bird', wren)]);
    const whole = turnedBy(plan, library, 'bird', 0);
    expect(boxOnFace(whole.placed)).toBe(whole.placed.rect);
    expect(rulerFigures(whole.card, whole.placed).x).toMatchObject({
      isMeasured: false,
      distance: typed('1').ticks,
    });
    // A thousandth of the wren is left: a corner of its foot.
    const sliver = { ...cropped.crop, right: typed('1 15/16'), top: typed('1/2') };
    const masked = turnedBy(planOf([panel, { ...cropped, crop: sliver }]), library, 'bird', 0);
    expect(masked.placed.rect.height).toBe(typed('1/2').ticks);
    expect(boxOnFace(masked.placed).height).toBeLessThan(typed('1/8').ticks);
    expect(rulerFigures(masked.card, masked.placed).y.isMeasured).toBe(true);
    const none = { ...cropped.crop, right: typed('1 15/16'), bottom: typed('15/16') };
    const gone = turnedBy(planOf([panel, { ...cropped, crop: none }]), library, 'bird', 0);
    expect(boxOnFace(gone.placed)).toBe(gone.placed.rect);
  });
});
