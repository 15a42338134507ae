import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { must } from '../../../test/support/must';
import { parseCardFile } from '../plan/cardFile';
import { postAnswerSchema, postProblemSchema, solvePost } from './postProblem';

const square = (x: number, y: number, side: number) => [
  [
    [x, y],
    [x + side, y],
    [x + side, y + side],
    [x, y + side],
  ],
];

const stack = {
  unit: 'mm',
  face: { width: 100, height: 150 },
  caliper: 0.4,
  plates: [
    { id: 'mat', outline: square(10, 10, 60), caliper: 0.3, lift: 0.1, held: 'tape' },
    { id: 'top', on: 'mat', outline: square(20, 20, 40), caliper: 0.3, lift: 1.5, held: 'foam' },
    { id: 'label', face: 'back', outline: square(40, 40, 30), caliper: 0.2 },
  ],
  grams: 15,
};

const solve = (problem: unknown) => solvePost(postProblemSchema.parse(problem));

describe('a bare stack', () => {
  it('is as high as its layers at a point; those over one another add up, others do not', () => {
    const { height, peaks, areas } = solve(stack);
    // The label lies behind a part of the top: 2 x 0.4 + 0.1 + 0.3 + 1.5 + 0.3 + 0.2.
    expect(height).toBeCloseTo(3.2, 9);
    expect(areas.map((each) => Math.round(each.height * 10))).toEqual([8, 12, 14, 30, 32]);
    expect(areas.reduce((sum, { area }) => sum + area, 0)).toBeCloseTo(100 * 150, 6);
    expect(must(peaks[0]).x).toBeGreaterThan(40);
    expect(must(peaks[0]).layers.map(({ of, name }) => of ?? name)).toEqual([
      ...['top', 'top', 'mat', 'mat', null, null, 'label'],
    ]);
  });

  it('is told in inches as in millimetres', () => {
    const inInches = solve({
      ...{ unit: 'in', face: { width: 4, height: 6 }, caliper: 0.016 },
      plates: [],
    });
    expect(inInches.height).toBeCloseTo(0.032, 5);
    expect(inInches.envelope).toBeNull();
  });

  it('is held against envelope and classes, what is left told in the unit asked for', () => {
    const envelope = { width: 162, height: 114, caliper: 0.1, grams: 4 };
    const answer = solve({ ...stack, envelope, schemes: ['uk'] });
    expect(answer.envelope?.across).toBeCloseTo(114 - 100 - 3.2, 9);
    expect(answer.weight.grams).toBe(19);
    const [uk] = answer.mail;
    expect([answer.mail.length, uk?.cheapest]).toEqual([1, 'uk-letter']);
    const thickness = uk?.classes[0]?.verdicts.find(({ measure }) => measure === 'thickness');
    expect(thickness).toMatchObject({ side: 'most', limit: 5 });
    expect(thickness?.margin).toBeCloseTo(5 - 3.5, 9);
  });

  it('lets a plate lie level on the highest it crosses, and bend over a step within the tolerance', () => {
    const strip = (change: object) =>
      solve({
        ...stack,
        plates: [
          ...stack.plates,
          { id: 'strip', outline: square(50, 50, 45), caliper: 0.3, ...change },
        ],
      });
    expect(strip({}).height).toBeCloseTo(3.2 + 0.3, 9);
    const [bend] = strip({ face: 'back', lift: 0.05 }).bends;
    expect(bend).toMatchObject({ plate: 'strip', over: 'label' });
    expect(bend?.by).toBeCloseTo(0.15, 9);
  });

  it.each([
    [{ ...stack, plates: [{ ...stack.plates[1] }] }, /told before it/],
    [{ ...stack, plates: [stack.plates[0], stack.plates[0]] }, /id of its own/],
    [{ ...stack, caliper: -1 }, /Too small/],
  ])('that cannot be is refused with the reason: %#', (problem, reason) => {
    const read = postProblemSchema.safeParse(problem);
    expect(JSON.stringify(read.error)).toMatch(reason);
  });
});

describe('a card file', () => {
  it('is told with its weight by parts, and the answer is what the document says', () => {
    const text = readFileSync('demo/cards/bean-poles.nibwright.json', 'utf8');
    const read = parseCardFile(JSON.parse(text));
    if (!read.ok) throw new Error(JSON.stringify(read.issue));
    const { file } = read;
    const answer = solvePost({ file, unit: 'mm', schemes: ['us'], holdings: [] });
    expect(postAnswerSchema.parse(JSON.parse(JSON.stringify(answer)))).toEqual(answer);
    const { rows, grams } = answer.weight;
    expect(rows.reduce((sum, row) => sum + row.grams, 0)).toBeCloseTo(grams, 9);
    expect(answer.height).toBeGreaterThan(5);
    expect(solvePost(file).mail).toHaveLength(4);
  });
});
