import { describe, expect, it } from 'vitest';
import { must } from '../../../test/support/must';
import { shoelace } from '../../../test/support/shapes';
import { demoCards } from '../../../test/support/demoCards';
import { writeCardFile } from '../plan/cardFile';
import { maskingProblemSchema, maskingSchemaFor, solveMasking } from './maskingProblem';

const box = (x: number, y: number, wide: number, high: number) => [
  [
    [x, y],
    [x + wide, y],
    [x + wide, y + high],
    [x, y + high],
  ],
];
/** The last answer; all before it are it without moves. */
const solved = (body: unknown) => {
  const search = solveMasking(maskingProblemSchema.parse(body));
  let step = search.next();
  const before = step.done ? undefined : step.value;
  while (!step.done) step = search.next();
  if (before) expect(before).toEqual({ ...step.value, moves: [] });
  return step.value;
};
const ask = (body: unknown) => {
  const answer = solved(body);
  if ('papers' in answer) throw new Error('ask: expected bare shapes');
  return answer;
};
/** From front to back. */
const garden = [
  { id: 'beans', outline: box(0, 20, 80, 20) },
  { id: 'barrow', outline: box(5, 25, 20, 20) },
  { id: 'shed', outline: box(30, 0, 30, 35) },
];

describe('bare shapes', () => {
  it('are told whom they meet, on how much, the order, and the fewest masks', () => {
    const answer = ask({ shapes: garden });
    expect(answer.meetings).toEqual([
      {
        ...{ front: 'beans', behind: 'shed', area: 450, first: 'beans', covered: true },
        ...{ because: 'in-front', bare: false },
      },
      {
        ...{ front: 'beans', behind: 'barrow', area: 300, first: 'beans', covered: true },
        ...{ because: 'in-front', bare: false },
      },
    ]);
    expect(answer.order).toEqual(['beans', 'barrow', 'shed']);
    expect(answer.covered).toEqual(['beans']);
    expect(answer.fewest).toEqual({ ids: ['beans'], count: 1, bound: 1, proven: true });
    const [mask] = answer.masks;
    // Half a millimetre inside, all round, its corners sharp.
    const lines = must(mask?.outline[0]);
    expect(shoelace(lines.map(([x = NaN, y = NaN]) => ({ x, y })))).toBeCloseTo(79 * 19, 6);
    expect(Math.min(...lines.map(([x = NaN]) => x))).toBe(0.5);
    expect(Math.max(...lines.map(([, y = NaN]) => y))).toBe(39.5);
    expect([mask?.letter, mask?.copies]).toEqual(['A', 1]);
  });

  it('are the same in inches', () => {
    const inches = garden.map(({ id, outline }) => ({
      id,
      outline: outline.map((line) => line.map((point) => point.map((figure) => figure / 20))),
    }));
    const answer = ask({ unit: 'in', shapes: inches, inset: 0.02 });
    expect(answer.covered).toEqual(['beans']);
    expect(answer.meetings[0]?.area).toBeCloseTo(450 / 400, 6);
    expect(Math.min(...must(answer.masks[0]?.outline[0]).map(([x = NaN]) => x))).toBeCloseTo(
      0.02,
      6,
    );
  });

  it('save a mask by the least move there is', () => {
    const answer = ask({ shapes: garden.slice(0, 2), moves: { mark: 1, most: 30 } });
    // The barrow reaches 15 mm into the beans; moved by that they only touch.
    expect(answer.moves).toEqual([
      { id: 'barrow', dx: 0, dy: 15, covered: 0 },
      { id: 'beans', dx: 0, dy: -15, covered: 0 },
    ]);
  });

  it('count only where the paper is, and through openings not at all', () => {
    expect(ask({ shapes: garden, paper: box(200, 200, 10, 10) }).meetings).toEqual([]);
    const ship = { id: 'ship', outline: box(0, 0, 40, 40), openings: box(10, 10, 20, 20) };
    const gull = { id: 'gull', outline: box(14, 14, 8, 8) };
    expect(ask({ shapes: [ship, gull] }).meetings).toEqual([]);
    const low = { id: 'gull', outline: box(14, 24, 8, 8) };
    expect(ask({ shapes: [ship, low] }).meetings).toHaveLength(1);
  });

  it('share a mask where they are of one stamp and covered one after the other', () => {
    const leaf = (id: string, x: number) => ({ id, outline: box(x, 0, 20, 20), stamp: 'leaf' });
    const stem = (id: string, x: number) => ({ id, outline: box(x, 15, 20, 20) });
    const shapes = [leaf('a', 0), leaf('b', 60), stem('c', 0), stem('d', 60)];
    const decisions = [{ between: ['c', 'b'], first: 'c' }];
    const { masks, covered, order } = ask({ shapes, decisions, copies: 20 });
    expect(covered).toHaveLength(2);
    expect(order.indexOf('c')).toBeLessThan(order.indexOf('b'));
    expect(masks.map(({ covers, copies }) => [covers, copies])).toEqual([[['a', 'b'], 3]]);
  });

  it('are refused with a path where they cannot be', () => {
    const wrong = [
      { shapes: [] },
      {
        shapes: [
          {
            id: 'a',
            outline: [
              [
                [0, 0],
                [1, 1],
              ],
            ],
          },
        ],
      },
      { shapes: [garden[0], garden[0]] },
      { shapes: garden, unit: 'furlong' },
      null,
    ];
    for (const body of wrong) expect(maskingSchemaFor(body).safeParse(body).success).toBe(false);
  });
});

describe('a card', () => {
  it('is told paper by paper, with moves after which no more is found on it than before', () => {
    const card = must(demoCards.find(({ id }) => id === 'beans-before-the-shed'));
    const file: unknown = JSON.parse(writeCardFile(card));
    const answer = solved({ file });
    if (!('papers' in answer)) throw new Error('expected papers');
    expect(solved(file)).toEqual(answer);
    expect(answer.papers.map(({ on }) => on)).toEqual(['garden-panel']);
    expect([answer.covered, answer.fewest, answer.proven]).toEqual([2, 2, true]);
    expect(answer.masks.map(({ partial }) => partial)).toEqual([false, true]);
    expect(answer.moves.length).toBeGreaterThan(0);
    for (const { dx, dy, covered } of answer.moves) {
      expect(Math.abs(dx) + Math.abs(dy)).toBeLessThanOrEqual(12.7);
      expect(covered).toBeLessThan(2);
    }
  });

  it('is told with its strips, which are the paper, and the turns they are opened in', () => {
    const card = must(demoCards.find(({ id }) => id === 'hillside-beds'));
    const file: unknown = JSON.parse(writeCardFile(card));
    const answer = solved({ file, moves: false });
    if (!('papers' in answer)) throw new Error('expected papers');
    const [scene, ...more] = answer.scenes;
    expect(more).toEqual([]);
    expect(scene).toMatchObject({
      name: 'Hillside',
      on: 'hill-panel',
      turns: [['far', 'leeks'], ['disc'], ['top', 'beans', 'near']],
      laidBack: ['far', 'leeks', 'disc'],
      proven: true,
    });
    // The panel is 140 mm square; areas are sums of exact ones over the square of the unit.
    expect(must(scene).strips.reduce((sum, { area }) => sum + area, 0)).toBeCloseTo(140 ** 2, 6);
  });
});
