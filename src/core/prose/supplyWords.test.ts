import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { moss, library } from '../../../test/support/plans';
import { listOf } from '../supplies/supplyList';
import type { SupplyRow } from '../supplies/supplyRow';
import { amountWords, costWords, substituteWords } from './supplyWords';
import { writeSuppliesCsv } from './writeSuppliesCsv';

describe('an amount in words', () => {
  it('is in the measure one buys it by', () => {
    expect(amountWords(3, 'sheet', 'letter')).toBe('3 letter sheets');
    expect(amountWords(1, 'sheet', '6x6')).toBe('1 pad sheet of 6 × 6');
    expect(amountWords(1, 'piece', undefined)).toBe('1 piece');
    expect(amountWords(42.0624, 'm', undefined)).toBe('42.06 m');
    expect(amountWords(1, 'use', undefined)).toBe('');
  });

  it('too little to show is not shown as none', () => {
    expect(amountWords(0.004, 'ml', undefined)).toBe('under 0.01 ml');
    expect(amountWords(0, 'ml', undefined)).toBe('0 ml');
  });

  it('of money has two digits', () => {
    expect([5, 50, 1250].map(costWords)).toEqual(['0.05', '0.50', '12.50']);
  });
});

describe('what is different with a substitute', () => {
  it.each([
    [{ kind: 'colour', difference: 4.25 }, 'colour 4.3 off'],
    [{ kind: 'weight', from: 216, to: 270 }, '270 instead of 216 g/m²'],
    [{ kind: 'sheets', missing: ['letter', '12x12'] }, 'no letter sheet, 12 × 12 sheet'],
    [{ kind: 'make', from: 'dye', to: 'chalk' }, 'chalk instead of dye'],
    [{ kind: 'one-way' }, 'its print runs one way'],
  ] as const)('%j is said as %j', (change, words) => {
    expect(substituteWords(change)).toBe(words);
  });
});

describe('supplies as CSV', () => {
  const row: SupplyRow = {
    key: 'moss letter',
    group: 'paper',
    item: library.find(({ id }) => id === moss.id),
    name: '=Moss',
    sheet: 'letter',
    unit: 'sheet',
    one: 1,
    batch: 12,
    owned: 3,
    lacking: 9,
    price: 45,
    letters: ['A', 'C'],
    notes: ['with care', 'twice'],
  };

  it('have a row a thing; what is not known is empty, what a spreadsheet would run is text', () => {
    const open = { ...row, key: 'x', owned: undefined, price: undefined, batch: undefined };
    const { data } = Papa.parse<Record<string, string>>(
      writeSuppliesCsv(listOf([row, open], 12)).trimEnd(),
      { header: true },
    );
    expect(data[0]).toMatchObject({
      group: 'Paper',
      item: "'=Moss",
      'one card': '1',
      batch: '12',
      unit: 'sheet',
      sheet: 'letter sheet',
      'in the stash': '3',
      lacking: '9',
      'price of one': '0.45',
      for: 'A C',
      notes: 'with care; twice',
    });
    expect([data[1]?.['batch'], data[1]?.['in the stash'], data[1]?.['price of one']]).toEqual([
      '',
      '',
      '',
    ]);
  });
});
