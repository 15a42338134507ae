import { asWritten, type CardFile } from '../plan/cardFile';
import type { CardId } from '../plan/ids';
import { describe, expect, it } from 'vitest';
import batches from '../../../test/reference/cutting/batches.json';
import cgcut1 from '../../../test/reference/cutting/cgcut1.json';
import gcut1 from '../../../test/reference/cutting/gcut1.json';
import wang20 from '../../../test/reference/cutting/wang20.json';
import { loadHighs } from '../../../test/support/highs';
import { chalk, fiveLayers, library } from '../../../test/support/plans';
import { isCutEdgeToEdge, playCuts } from '../../../test/support/verifyCuts';
import {
  batchProblemSchema,
  cardProblemSchema,
  cuttingAnswerSchema,
  cuttingSchemaFor,
  mostOnSheet,
  piecesAsked,
  type CuttingProblem,
} from './cuttingProblem';
import { highsCoverSolver } from '../cutting/coverSolver';
import { lastOf } from '../cutting/planSheets';
import { newSheets } from '../cutting/countSheets';
import { solveCutting } from './solveCutting';
import { solveSupplies } from './solveSupplies';
import { suppliesAnswerSchema } from './suppliesProblem';

const solver = highsCoverSolver(await loadHighs());
const never = { isOver: () => false, secondsLeft: () => Infinity };
const solve = (body: unknown) => {
  const problem = cuttingSchemaFor(body).parse(body) as CuttingProblem;
  const answer = lastOf(solveCutting(problem, solver, never));
  expect(cuttingAnswerSchema.parse(answer)).toEqual(answer);
  return answer;
};

describe('the cutting service', () => {
  // Published instances; their sources stand in the files.
  it.each([cgcut1, gcut1, wang20])('finds the published best value of $name', (instance) => {
    const answer = solve(instance);
    expect(answer).toMatchObject({ kind: 'value', value: instance.optimum, isProven: true });
  });

  // Workloads with proven counts; how they were proven stands in the file.
  it('answers a batch as it is given, at its proven count, with cuts a hand can make', () => {
    const [batch] = batches.cases;
    if (!batch) throw new Error('no batches');
    const answer = solve(batch);
    if (answer.kind !== 'batch') throw new Error('no batch');
    expect([answer.sheets, answer.bound, answer.isProven]).toEqual([
      batch.lowerBound,
      batch.lowerBound,
      true,
    ]);
    const given = new Map<string, number>();
    for (const { sheet, times, pieces, steps, leftovers } of answer.layouts) {
      expect(isCutEdgeToEdge(sheet, pieces)).toBe(true);
      const played = steps.map(({ line, fence, cuts }) => ({
        line,
        fence,
        parts: cuts.map((cut) => ({ part: { x: 0, y: 0, w: sheet.w, h: sheet.h }, lines: [cut] })),
      }));
      const parts = playCuts(sheet, played, Infinity);
      expect(parts).toHaveLength(pieces.length + leftovers.length);
      for (const { id } of pieces) given.set(id, (given.get(id) ?? 0) + times);
    }
    for (const { id, copies } of batch.pieces) expect(given.get(id)).toBe(copies);
  });

  it('cuts from several sheets, of limited number, and says what goes without', () => {
    const answer = solve({
      sheets: [
        { id: 'small', w: 10, h: 10, count: 1 },
        { id: 'tiny', w: 5, h: 10, count: 1 },
      ],
      pieces: [
        { id: 'a', w: 5, h: 10, copies: 4 },
        { id: 'b', w: 11, h: 2, copies: 1 },
      ],
    });
    if (answer.kind !== 'batch') throw new Error('no batch');
    expect(answer.impossible).toEqual(['b']);
    expect(answer.short).toEqual([{ id: 'a', count: 1 }]);
  });

  it('keeps the longest cut', () => {
    const pieces = [{ id: 'a', w: 6, h: 6, copies: 1 }];
    const long = { sheet: { w: 12, h: 12 }, pieces, longestCut: 11 };
    const answer = solve(long);
    expect(answer.kind === 'batch' && answer.impossible).toEqual(['a']);
  });

  it('cuts a card file, as many copies as are asked', () => {
    const file: CardFile = {
      format: 'nibwright-card',
      version: 1,
      id: 'x' as CardId,
      plan: fiveLayers(),
      library,
      designer: null,
      release: null,
    };
    const problem = cardProblemSchema.safeParse({ file: asWritten(file), copies: 20 });
    if (!problem.success) throw new Error(JSON.stringify(problem.error.issues[0]));
    const answer = lastOf(solveCutting(problem.data, solver, never));
    if (answer.kind !== 'card') throw new Error('no card');
    expect(answer.plan.copies).toBe(20);
    const supplies = solveSupplies(problem.data, solver, never);
    expect(suppliesAnswerSchema.parse(supplies)).toEqual(supplies);
    const sheets = supplies.rows.reduce(
      (sum, { unit, batch }) => sum + (unit === 'sheet' ? (batch ?? 0) : 0),
      0,
    );
    expect(sheets).toBe(newSheets(answer.plan));
    expect(supplies.rows.some(({ itemId }) => itemId === chalk.id)).toBe(true);
  });

  it('says that it was cut short when the time is up', () => {
    const problem = batchProblemSchema.parse(batches.cases[0]);
    const answer = lastOf(
      solveCutting(problem, solver, {
        isOver: () => true,
        secondsLeft: () => 0,
      }),
    );
    expect(answer).toMatchObject({ kind: 'batch', isCutShort: true });
    expect(answer.kind === 'batch' && answer.sheets).toBeGreaterThanOrEqual(15);
  });

  it('cut short, gives nothing that nobody asked for', () => {
    let told = 0;
    for (const workload of batches.cases) {
      const problem = batchProblemSchema.parse(workload);
      for (const answer of solveCutting(problem, solver, never)) {
        if (answer.kind !== 'batch') throw new Error('no batch');
        told++;
        const made = new Map<string, number>();
        for (const { times, pieces } of answer.layouts)
          for (const { id } of pieces) made.set(id, (made.get(id) ?? 0) + times);
        expect(answer.isCutShort).toBe(true);
        for (const { id, copies } of workload.pieces) expect(made.get(id)).toBe(copies);
      }
    }
    expect(told).toBeGreaterThanOrEqual(batches.cases.length);
  });

  it('is no proof where a piece is larger than its sheet', () => {
    const pieces = [
      { id: 'a', w: 20, h: 20, copies: 1 },
      { id: 'b', w: 5, h: 5, copies: 1 },
    ];
    const answer = solve({ sheet: { w: 10, h: 10 }, pieces });
    expect(answer).toMatchObject({ impossible: ['a'], isProven: false, sheets: 1 });
    expect(solve({ sheet: { w: 10, h: 10 }, pieces: pieces.slice(0, 1) })).toMatchObject({
      isProven: false,
    });
  });

  it('answers for a sheet a hundred thousand times its pieces, and refuses ids given twice', () => {
    const piece = { w: 1, h: 1, copies: 500 };
    const answer = solve({ sheet: { w: 100_000, h: 100_000 }, pieces: [{ id: 'a', ...piece }] });
    expect(answer).toMatchObject({ sheets: 1, short: [], isProven: true });
    const strip = { sheet: { w: 100_000, h: 1 }, pieces: [{ id: 'a', ...piece, copies: 999 }] };
    expect(solve(strip)).toMatchObject({ sheets: 1, isProven: true });
    expect(mostOnSheet(batchProblemSchema.parse(strip))).toBe(999);
    const twice = {
      sheet: { w: 9, h: 9 },
      pieces: [
        { id: 'a', ...piece },
        { id: 'a', ...piece },
      ],
    };
    expect(batchProblemSchema.safeParse(twice).success).toBe(false);
  });

  it('counts what is asked for, and refuses two kinds of sheets at once', () => {
    const [batch] = batches.cases;
    expect(piecesAsked(batchProblemSchema.parse(batch))).toBe(60);
    const both = { ...batch, sheets: [{ w: 1, h: 1 }] };
    expect(batchProblemSchema.safeParse(both).success).toBe(false);
  });
});
