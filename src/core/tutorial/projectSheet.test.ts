import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { fiveLayers, library, measure, pieceOn, planOf, reveal } from '../../../test/support/plans';
import type { Unit } from '../length/length';
import type { Plan } from '../plan/plan';
import { resolvePlan } from '../resolve/resolvePlan';
import { projectSheet } from './projectSheet';
import {
  formatSentence,
  scoreSentence,
  writeReveals,
  writeRevealsShort,
  yieldSentence,
} from './sentences';
import { writeCsv } from './writeCsv';
import { writeMarkdown } from './writeMarkdown';

const sheetOf = (plan: Plan, unit: Unit = 'in') =>
  projectSheet(plan, resolvePlan(plan, library), unit);
const a6Tent = planOf([], {
  format: { kind: 'named', id: 'a6', stand: 'upright' },
  fold: 'tent',
  unit: 'mm',
});

describe('the project sheet', () => {
  it('lists every piece in gluing order, front before inside, for all copies', () => {
    const sheet = sheetOf({ ...fiveLayers(), making: { copies: 24 } });
    const rows = [...sheet.front, ...sheet.inside];
    expect(rows.map(({ letter, on }) => `${letter} on ${on}`)).toEqual([
      'B on A',
      'C on B',
      'D on C',
      'E on D',
      'F on A',
      'G on F',
    ]);
    expect(rows.every(({ count }) => count === 24)).toBe(true);
  });

  it('says how to cut and score, in both units', () => {
    const sheet = sheetOf(fiveLayers());
    expect(formatSentence(sheet)).toBe('A2, upright, side fold');
    expect(scoreSentence(sheet)).toBe(
      'Cut the blank 8 1⁄2 × 5 1⁄2 in (215.9 × 139.7 mm). ' +
        'Score it at 4 1⁄4 in (≈\u00a0108.0 mm) from the left and fold.',
    );
    expect(yieldSentence(sheet)).toBe('2 from a letter sheet, 1 from an A4 sheet, cut straight.');
  });

  it('says where a tent is scored and which sheet the blank is cut from', () => {
    expect(scoreSentence(sheetOf(a6Tent, 'mm'))).toBe(
      'Cut the blank 105 × 297 mm (≈\u00a04 9⁄64 × 11 11⁄16 in), from an A4 cut once at 105 mm. ' +
        'Score it at 148.5 mm (≈\u00a05 27⁄32 in) from the top and fold.',
    );
  });

  it('never drops a piece without figures in silence', () => {
    const sheet = sheetOf(planOf([pieceOn('front', 'Strip', reveal('3'))]));
    expect(sheet.missing).toEqual(['Strip']);
    expect(writeMarkdown(sheet)).toContain('Without figures, so not in the list: Strip.');
  });

  it('says borders in the fewest words', () => {
    const sides = (plan: Plan) => sheetOf(plan).front[0]?.reveals;
    const even = sides(planOf([pieceOn('front', 'a', reveal('1/8'))]));
    const uneven = sides(planOf([pieceOn('front', 'a', measure('4', '5'))]));
    if (!even || !uneven) throw new Error('no rows');
    expect(writeReveals(even, 'in')).toBe('1⁄8');
    expect(writeReveals(uneven, 'in')).toBe('1⁄8 at the sides, 1⁄4 at top and bottom');
    expect(writeRevealsShort(uneven, 'in')).toBe('sides 1⁄8, top/bottom 1⁄4');
    expect(writeRevealsShort(even, 'in')).toBe('1⁄8');
    expect(writeRevealsShort({ ...uneven, right: uneven.top }, 'in')).toBe(
      '← 1⁄8 ↑ 1⁄4 → 1⁄4 ↓ 1⁄4',
    );
    expect(writeReveals({ ...uneven, left: even.left, right: uneven.top }, 'in')).toMatch(
      /^left 1⁄8, top/,
    );
  });
});

describe('Markdown', () => {
  it('shows what people typed as text, never as markup', () => {
    const plan = fiveLayers();
    const hostile = {
      ...plan,
      about: { ...plan.about, title: '<script>alert(1)</script> | *bold*' },
    };
    const text = writeMarkdown(sheetOf(hostile));
    expect(text).toContain('# &lt;script&gt;alert\\(1\\)&lt;/script&gt; \\| \\*bold\\*');
    expect(text).not.toContain('<script>');
  });

  it('has a row for each piece in both units', () => {
    const text = writeMarkdown(sheetOf(fiveLayers()));
    expect(text).toContain('| G | liner | 1 | 3 11⁄16 × 4 15⁄16 | ≈\u00a093.7 × 125.4 |');
    expect(text.match(/^\| [B-G] \|/gm)).toHaveLength(6);
  });
});

describe('CSV', () => {
  const rowsOf = (plan: Plan) => {
    const { data, errors } = Papa.parse<Record<string, string>>(writeCsv(sheetOf(plan)).trimEnd(), {
      header: true,
    });
    expect(errors).toEqual([]);
    return data;
  };

  it('gives exact millimetres and plain fractions, base first', () => {
    const rows = rowsOf(fiveLayers());
    expect(rows).toHaveLength(7);
    expect(rows[0]).toMatchObject({ letter: 'A', 'width in': '8 1/2', 'height mm': '139.7' });
    expect(rows[6]).toMatchObject({ letter: 'G', 'width in': '3 11/16', 'width mm': '93.6625' });
  });

  it.each(['=1+1', '+1', '-1', '@SUM(A1)', '\t=1', '\r=1', '=cmd|x, "y"'])(
    'never lets a cell be run as a formula: %j',
    (name) => {
      const rows = rowsOf(planOf([{ ...pieceOn('front', 'a', reveal('1/8')), name }]));
      expect(rows[1]?.['piece']).toMatch(/^'/);
      expect(rows[1]?.['piece']).toContain(name.trim());
    },
  );
});
