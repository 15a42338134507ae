import { describe, expect, test } from 'vitest';
import { layArch, layBranches, layHanging, layList, type ArrangementInput } from './layArrangement';

const area = { x: 0, y: 0, width: 4000, height: 6000 };
const around = { x: 1000, y: 3000, width: 2000, height: 1200 };
const piece = (key: string, size: number) => ({ key, width: size, height: size });
const input: ArrangementInput = {
  area,
  around,
  pieces: [
    piece('large', 700),
    piece('large', 700),
    piece('small', 300),
    piece('small', 300),
    piece('small', 300),
  ],
  clearance: 50,
  seed: 7,
};
const ways = { arch: layArch, branches: layBranches, list: layList, hanging: layHanging };

describe.each(Object.entries(ways))('the %s', (_, lay) => {
  test('lays every piece once, and the same for the same seed', () => {
    const laid = lay(input);
    expect(laid.map(({ key }) => key).toSorted()).toEqual([
      'large',
      'large',
      'small',
      'small',
      'small',
    ]);
    expect(lay(input)).toEqual(laid);
  });

  test('lays nothing where there is nothing', () => {
    expect(lay({ ...input, pieces: [] })).toEqual([]);
  });
});

test('an arch is taller at the sides, keeps off the words, and is even on both sides', () => {
  const laid = layArch(input);
  const [first] = laid;
  const last = laid.at(-1);
  expect([first?.key, last?.key]).toEqual(['large', 'large']);
  for (const { middle, key } of laid) {
    const half = key === 'large' ? 350 : 150;
    const isClear =
      middle.x + half <= around.x ||
      middle.x - half >= around.x + around.width ||
      middle.y + half <= around.y;
    expect(isClear).toBe(true);
  }
  const centre = around.x + around.width / 2;
  expect((first?.middle.x ?? 0) + (last?.middle.x ?? 0)).toBeCloseTo(2 * centre, -2);
  const top = Math.min(...laid.map(({ middle }) => middle.y));
  expect(laid[2]?.key).toBe('small');
  expect(laid.find(({ middle }) => middle.y === top)?.key).toBe('small');
});

test('branches stand at both sides of the words, from the foot up', () => {
  const laid = layBranches(input);
  const left = laid.filter(({ middle }) => middle.x < around.x);
  const right = laid.filter(({ middle }) => middle.x > around.x + around.width);
  expect([left.length, right.length]).toEqual([3, 2]);
  expect(left.every(({ turn }) => turn <= 0) && right.every(({ turn }) => turn >= 0)).toBe(true);
  expect(left[0]?.middle.y).toBeGreaterThan(left[1]?.middle.y ?? Infinity);
});

test('a list has even gaps from margin to margin', () => {
  const sizes = [700, 700, 300, 300, 300];
  const tops = layList(input).map(({ middle }, at) => middle.y - (sizes[at] ?? 0) / 2);
  expect(tops[0]).toBe(50);
  const gaps = tops.slice(1).map((top, at) => top - (tops[at] ?? 0) - (sizes[at] ?? 0));
  expect(new Set(gaps.map(Math.round)).size).toBe(1);
  expect((tops.at(-1) ?? 0) + 300).toBe(5950);
});

test('what hangs: the large one in the middle and lowest, the others to the left and right', () => {
  const [large, ...small] = layHanging(input);
  expect(large?.middle.x).toBe(2000);
  expect(small.every(({ middle }) => middle.y < (large?.middle.y ?? 0))).toBe(true);
  expect(small.map(({ middle }) => middle.x < 2000)).toEqual([true, false, true, false]);
});
