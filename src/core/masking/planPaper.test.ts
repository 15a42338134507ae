import { describe, expect, it } from 'vitest';
import { must } from '../../../test/support/must';
import { printAt, ten } from '../../../test/support/prints';
import { square } from '../../../test/support/shapes';
import { seeded } from '../seeded';
import { areaOfOutline, subtractOutlines } from '../outline/polygons';
import { cutMask, type MaskHabits } from './cutMask';
import { meetingsOf } from './meetings';
import { actsOf, planPaper } from './planPaper';
import type { Print } from './print';
import type { Decision } from './relation';
import { masksForCopies, shareMasks } from './shareMasks';

const habits: MaskHabits = { inset: 8000, spindly: 16_000, margin: 16_000 };
const all = <T>(outline: T) => outline;
const plan = (prints: readonly Print[], decisions: Readonly<Record<string, Decision>> = {}) =>
  planPaper({
    prints,
    clip: all,
    decisions: Object.entries(decisions).map(([key, first = null]) => {
      const [a = '', b = ''] = key.split(' ');
      return { between: [a, b], first };
    }),
    school: { acceptsOverlaps: false, wordsStamped: 'as-listed', keepsGroundsOff: false },
    habits,
  });
const ids = (prints: readonly Print[]) => prints.map(({ id }) => id).join(' ');

describe('who meets whom', () => {
  it('is told with the area, and touching is not meeting', () => {
    const [only] = meetingsOf([printAt('a', 0, 0), printAt('b', 5, 0)], all);
    expect([only?.behind.id, only?.front.id, only?.area]).toEqual(['a', 'b', (ten * ten) / 2]);
    // By a tenth of a millimetre they only touch, by three they meet.
    expect(meetingsOf([printAt('a', 0, 0), printAt('b', 9.9, 0)], all)).toEqual([]);
    expect(meetingsOf([printAt('a', 0, 0), printAt('b', 9.7, 0)], all)).toHaveLength(1);
    expect(meetingsOf([printAt('a', 0, 0), printAt('b', 10, 0)], all)).toEqual([]);
  });

  it('is nothing in an opening, beside the paper, and within one image', () => {
    const frame = [square(0, 0, ten), square(32_000, 32_000, 96_000)];
    const gull = printAt('gull', 0, 0, { body: [square(48_000, 48_000, 32_000)] });
    expect(meetingsOf([printAt('ship', 0, 0, { body: frame, reach: frame }), gull], all)).toEqual(
      [],
    );
    expect(meetingsOf([printAt('a', 0, 0), printAt('b', 5, 0)], () => [])).toEqual([]);
    const step = { imageOf: 'leaf' };
    expect(meetingsOf([printAt('a', 0, 0, step), printAt('b', 5, 0, step)], all)).toEqual([]);
  });

  it('finds the pairs that all pairs tried one by one give, seed 14', () => {
    const random = seeded(14);
    const prints = Array.from({ length: 40 }, (_, at) =>
      printAt(String(at), Math.floor(random() * 60), Math.floor(random() * 60)),
    );
    const slow = prints.flatMap((a, at) =>
      prints.slice(at + 1).flatMap((b) => {
        const [[p], [q]] = [a.reach[0] ?? [], b.reach[0] ?? []];
        const apart = (k: 'x' | 'y') => Math.abs((p?.[k] ?? 0) - (q?.[k] ?? 0));
        return apart('x') < ten && apart('y') < ten ? [`${a.id} ${b.id}`] : [];
      }),
    );
    expect(slow.length).toBeGreaterThan(10);
    expect(
      meetingsOf(prints, all)
        .map(({ behind, front }) => `${behind.id} ${front.id}`)
        .toSorted(),
    ).toEqual(slow.toSorted());
  });
});

describe('a row of beans before a shed and two barrows', () => {
  const long = [
    [
      { x: 0, y: 0 },
      { x: 8 * ten, y: 0 },
      { x: 8 * ten, y: ten },
      { x: 0, y: ten },
    ],
  ];
  const garden = [
    printAt('shed', 30, 5),
    printAt('left', 5, 5),
    printAt('right', 60, 5),
    printAt('beans', 0, 0, { body: long, reach: long }),
  ];

  it('takes one mask, on the beans, and fewer is impossible', () => {
    const { order, covered, fewest } = plan(garden);
    expect(ids(order)).toBe('beans right left shed');
    expect(covered.map(({ print }) => print.id)).toEqual(['beans']);
    expect(fewest).toEqual({ ids: ['beans'], bound: 1, isProven: true });
  });

  it('takes three where the beans are last, and says that one is enough', () => {
    const turned = { 'beans left': 'left', 'beans right': 'right', 'beans shed': 'shed' };
    const { order, covered, fewest } = plan(garden, turned);
    expect(ids(order)).toBe('right left shed beans');
    expect(covered).toHaveLength(3);
    // What the designer has decided is fixed.
    expect(fewest.ids).toEqual(['shed', 'left', 'right']);
    const behindAll = [must(garden[3]), ...garden.slice(0, 3)];
    expect(plan(behindAll).covered).toHaveLength(3);
    expect(plan(behindAll).fewest.ids).toEqual(['beans']);
  });

  it('is done in acts: the mask goes on before the first and comes off after the last that needs it', () => {
    const acts = actsOf(plan(garden), () => 'A');
    expect(acts.map(({ id }) => id)).toEqual([
      'stamp:beans',
      'mask:beans',
      'stamp:right',
      'stamp:left',
      'stamp:shed',
      'unmask:beans',
    ]);
    const shed = must(acts[4]);
    expect(shed.after).toEqual([
      { act: 'stamp:beans', because: 'in-front' },
      { act: 'mask:beans', because: 'stops-there' },
    ]);
    expect(shed.kind === 'stamp' && shed.over).toEqual(['beans']);
  });

  it('crosses where that is accepted', () => {
    const { covered, meetings } = plan(garden, {
      'beans left': null,
      'beans right': null,
      'beans shed': null,
    });
    expect(covered).toEqual([]);
    expect(meetings.every(({ relation }) => relation === undefined)).toBe(true);
  });
});

describe('tape round a blend', () => {
  const frame = [square(0, 0, 8 * ten), square(ten, ten, 6 * ten)];
  const all = [square(0, 0, 8 * ten)];
  const sky = printAt('sky', 0, 0, {
    kind: 'ground',
    body: [square(ten, ten, 6 * ten)],
    tape: { frame, margin: ten, by: 'tape' },
  });
  const bird = printAt('bird', 20, 20);
  const actsWith = (prints: readonly Print[]) =>
    actsOf(plan(prints), () => 'A').map(({ id }) => id);

  it('goes on before it and comes off right after, where nothing else is to stop there', () => {
    expect(actsWith([sky, bird])).toEqual(['tape:sky', 'lay:sky', 'untape:sky', 'stamp:bird']);
  });

  it('stays on until splatter and a background print are done', () => {
    const splatter = printAt('splatter', 0, 0, { kind: 'late ground', body: all });
    const texture = printAt('texture', 0, 0, { kind: 'texture', body: all, darkest: 88 });
    const acts = actsWith([sky, bird, texture, splatter]);
    expect(acts.at(-1)).toBe('untape:sky');
    expect(acts.slice(0, 2)).toEqual(['tape:sky', 'lay:sky']);
    const inside = printAt('mist', 20, 20, { kind: 'late ground' });
    expect(actsWith([sky, bird, inside])).toEqual([
      ...['tape:sky', 'lay:sky', 'untape:sky', 'stamp:bird', 'lay:mist'],
    ]);
  });
});

describe('prints that each want to come before the next', () => {
  it('are told as a circle, and an order is given all the same', () => {
    const prints = [printAt('a', 0, 0), printAt('b', 4, 0), printAt('c', 2, 4)];
    const { circles, order } = plan(prints, { 'a b': 'a', 'b c': 'b', 'a c': 'c' });
    expect(circles.map((circle) => circle.map(({ id }) => id).toSorted())).toEqual([
      ['a', 'b', 'c'],
    ]);
    expect(order).toHaveLength(3);
  });
});

describe('a mask', () => {
  const print = printAt('a', 0, 0);
  it('is cut inside the line by as much as is said, all round', () => {
    for (const spindly of [0, habits.spindly]) {
      const { cut, isPartial, leftOut } = cutMask(print, { ...habits, spindly });
      // Corners stay sharp, whatever is left out elsewhere.
      expect(areaOfOutline(cut)).toBe((ten - 16_000) ** 2);
      expect([isPartial, leftOut]).toEqual([false, []]);
    }
  });

  it('leaves out what is too spindly, and tells it', () => {
    const pole = [
      ...square(0, 0, ten).slice(0, 2),
      { x: ten, y: 70_000 },
      { x: 3 * ten, y: 70_000 },
      { x: 3 * ten, y: 90_000 },
      { x: ten, y: 90_000 },
      ...square(0, 0, ten).slice(2),
    ];
    const flag = printAt('flag', 0, 0, { body: [pole], reach: [pole] });
    const { cut, leftOut } = cutMask(flag, habits);
    // The pole is 1.25 mm wide: 0.25 mm of it is left inside the line.
    expect(leftOut).toHaveLength(1);
    expect(areaOfOutline(subtractOutlines(cut, [square(0, 0, ten)]))).toBe(0);
    const thin = printAt('thin', 0, 0, { body: [square(0, 0, 16_000)] });
    expect(cutMask(thin, habits).cut).toEqual([]);
  });

  it('keeps a hole, and islands that lie apart', () => {
    const frame = [square(0, 0, ten), square(48_000, 48_000, 64_000), square(3 * ten, 0, ten)];
    const { cut } = cutMask(printAt('frame', 0, 0, { body: frame }), { ...habits, spindly: 0 });
    expect(cut).toHaveLength(3);
    // The hole grows as the print shrinks; its grown corners are round.
    const hole = 64_000 ** 2 + 4 * 64_000 * 8000 + Math.PI * 8000 ** 2;
    expect(areaOfOutline(cut) / (2 * 144_000 ** 2 - hole)).toBeCloseTo(1, 3);
  });

  it('is only as large as it must be where a corner meets, and whole where most of it does', () => {
    const corner = cutMask(print, habits, [square(128_000, 128_000, 32_000)]);
    expect(corner.isPartial).toBe(true);
    // From the meeting one millimetre on, within the line: 128 - 16 to 160 - 8 thousand ticks each way.
    expect(areaOfOutline(corner.cut) / 40_000 ** 2).toBeCloseTo(1, 1);
    expect(corner.cutLength).toBeLessThan(cutMask(print, habits).cutLength);
    expect(cutMask(print, habits, [square(16_000, 16_000, 120_000)]).isPartial).toBe(false);
  });

  it('is the same wherever the same stamp is printed', () => {
    const stamp = {};
    const at = (x: number) =>
      printAt('p', x, 0, { shape: { of: stamp, as: 'whole', x: x * 16_000, y: 0 } });
    const [one, other] = [cutMask(at(0), habits), cutMask(at(20), habits)];
    expect(other.cut).toEqual(
      one.cut.map((line) => line.map(({ x, y }) => ({ x: x + 320_000, y }))),
    );
  });

  it('that is too spindly where prints meet is cut of the other, or of none', () => {
    const pole = [square(0, 0, 16_000).map(({ x, y }) => ({ x, y: y * 10 }))];
    const box = printAt('box', -5, 2);
    const one = plan([box, printAt('pole', 0, 0, { body: pole, reach: pole })]);
    expect(one.covered.map(({ print: each }) => each.id)).toEqual(['box']);
    const across = pole.map((line) => line.map(({ x, y }) => ({ x: y - 16_000, y: x + 32_000 })));
    const both = plan([
      printAt('across', 0, 0, { body: across, reach: across }),
      printAt('pole', 0, 0, { body: pole, reach: pole }),
    ]);
    expect(both.covered).toEqual([]);
    expect(both.meetings.map(({ isBare }) => isBare)).toEqual([true]);
    // One of the two had to be covered, if it could be.
    expect([both.fewest.ids.length, both.fewestOfAll.ids.length]).toEqual([0, 1]);
  });
});

describe('masks to cut', () => {
  const at = (id: string, key: string, from: number, to: number) => ({ id, key, from, to });
  it('serve prints of one stamp one after the other, and as many are cut as are on at once', () => {
    const shared = shareMasks([
      at('a', 'bean', 1, 2),
      at('b', 'bean', 3, 5),
      at('c', 'bean', 4, 6),
      at('d', 'shed', 6, 7),
    ]);
    expect(shared).toEqual([
      { key: 'bean', covers: ['a', 'b'] },
      { key: 'bean', covers: ['c'] },
      { key: 'shed', covers: ['d'] },
    ]);
  });

  it('are as many as are on at once at some moment, seed 6', () => {
    const random = seeded(6);
    for (let round = 0; round < 40; round++) {
      const coverings = Array.from({ length: 8 }, (_, id) => {
        const from = Math.floor(random() * 20);
        return at(String(id), 'bean', from, from + Math.floor(random() * 6));
      });
      const most = Math.max(
        ...Array.from(
          { length: 30 },
          (_, moment) => coverings.filter(({ from, to }) => from <= moment && moment <= to).length,
        ),
      );
      expect(shareMasks(coverings)).toHaveLength(most);
    }
  });

  it('wear out over a batch', () => {
    expect([1, 15, 16, 50].map((copies) => masksForCopies(copies, 1, 15))).toEqual([1, 1, 2, 4]);
    expect(masksForCopies(50, 2, 15)).toBe(7);
  });
});
