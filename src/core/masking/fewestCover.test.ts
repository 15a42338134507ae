import { describe, expect, it } from 'vitest';
import { seeded } from '../seeded';
import { fewestCover } from './fewestCover';

type Line = readonly [number, number];
const ones = (count: number) => Array.from({ length: count }, () => 1);
const sizeOf = (count: number, lines: readonly Line[]) => {
  const cover = fewestCover(ones(count), lines);
  expect(cover.isProven).toBe(true);
  expect(cover.bound).toBe(cover.members.length);
  const members = new Set(cover.members);
  expect(lines.every(([a, b]) => members.has(a) || members.has(b))).toBe(true);
  return cover.members.length;
};
const cycle = (count: number): Line[] => ones(count).map((_, at) => [at, (at + 1) % count]);

describe('the fewest points that touch every line', () => {
  // Known from the theory of graphs: Diestel, Graph Theory, chapters 1 and 2.
  it.each([3, 4, 5, 6, 9, 12])('are half of a cycle of %i, rounded up', (count) => {
    expect(sizeOf(count, cycle(count))).toBe(Math.ceil(count / 2));
  });

  it.each([2, 3, 7, 12])('are all but one of %i that are all joined', (count) => {
    const lines = ones(count).flatMap((_, a) =>
      ones(count).flatMap((__, b): Line[] => (a < b ? [[a, b]] : [])),
    );
    expect(sizeOf(count, lines)).toBe(count - 1);
  });

  it('are six of the Petersen graph', () => {
    const outer = cycle(5);
    const spokes = [0, 1, 2, 3, 4].map((at): Line => [at, at + 5]);
    const star = [0, 1, 2, 3, 4].map((at): Line => [at + 5, ((at + 2) % 5) + 5]);
    expect(sizeOf(10, [...outer, ...spokes, ...star])).toBe(6);
  });

  it('are as many as lines without a common end, where the points are of two sides (König 1931), seed 3', () => {
    const random = seeded(3);
    for (let round = 0; round < 20; round++) {
      const [left, right] = [6 + (round % 5), 8];
      const lines: Line[] = [];
      for (let a = 0; a < left; a++)
        for (let b = 0; b < right; b++) if (random() < 0.25) lines.push([a, left + b]);
      expect(sizeOf(left + right, lines)).toBe(mostPairs(left, lines));
    }
  });

  it('are those of every set tried one by one, the cheapest among as few, seed 9', () => {
    const random = seeded(9);
    for (let round = 0; round < 60; round++) {
      const count = 3 + (round % 9);
      const costs = Array.from({ length: count }, () => Math.floor(random() * 20));
      const lines: Line[] = [];
      for (let a = 0; a < count; a++)
        for (let b = a + 1; b < count; b++) if (random() < 0.4) lines.push([a, b]);
      const { members } = fewestCover(costs, lines);
      const [size, cost] = bestOfAll(costs, lines);
      expect(members).toHaveLength(size);
      expect(members.reduce((sum, at) => sum + (costs[at] ?? 0), 0)).toBe(cost);
    }
  });

  it('have what is joined to itself in them, and nothing where there are no lines', () => {
    expect(fewestCover([1, 1], [[0, 0]]).members).toEqual([0]);
    expect(fewestCover([1, 1], [])).toEqual({ members: [], bound: 0, isProven: true });
    expect(() => fewestCover([1], [[0, 1]])).toThrow(/no line from 0 to 1/);
  });

  it('are told as not proven where the search is given up, and touch every line all the same', () => {
    const random = seeded(5);
    const lines: Line[] = [];
    for (let a = 0; a < 40; a++)
      for (let b = a + 1; b < 40; b++) if (random() < 0.2) lines.push([a, b]);
    const cover = fewestCover(ones(40), lines, 2);
    const whole = fewestCover(ones(40), lines);
    expect(cover.isProven).toBe(false);
    expect(cover.bound).toBeLessThanOrEqual(whole.members.length);
    const members = new Set(cover.members);
    expect(lines.every(([a, b]) => members.has(a) || members.has(b))).toBe(true);
  });
});

/** By ways that lengthen a matching, one after the other. */
function mostPairs(left: number, lines: readonly Line[]): number {
  const partner = new Map<number, number>();
  const place = (a: number, seen: Set<number>): boolean =>
    lines.some(([from, to]) => {
      if (from !== a || seen.has(to)) return false;
      seen.add(to);
      const before = partner.get(to);
      if (before !== undefined && !place(before, seen)) return false;
      partner.set(to, a);
      return true;
    });
  return ones(left).filter((_, a) => place(a, new Set())).length;
}

function bestOfAll(costs: readonly number[], lines: readonly Line[]): readonly [number, number] {
  let best: readonly [number, number] = [Infinity, Infinity];
  for (let set = 0; set < 2 ** costs.length; set++) {
    const has = (at: number) => (set & (1 << at)) !== 0;
    if (!lines.every(([a, b]) => has(a) || has(b))) continue;
    const members = costs.filter((_, at) => has(at));
    const cost = members.reduce((sum, each) => sum + each, 0);
    if (members.length < best[0] || (members.length === best[0] && cost < best[1]))
      best = [members.length, cost];
  }
  return best;
}
