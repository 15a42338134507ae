import { describe, expect, it } from 'vitest';
import { ticksOf } from '../../../test/support/plans';
import type { LibraryId } from '../plan/ids';
import type { CutLayout, StockCuts } from '../cutting/cutPlan';
import {
  boundSentence,
  layoutSentence,
  leftoverSentences,
  scoreSentences,
  shortfallSentences,
  stepSentence,
} from './cutSentences';
import { countWords } from '../words/countWords';

const at = ticksOf;
const letter = {
  kind: 'sheet',
  sheet: 'letter',
  leftoverId: null,
  from: null,
  w: at('8 1/2'),
  h: at('11'),
} as const;
/** Two blanks above each other, trimmed to 8 in. */
const layout: CutLayout = {
  source: letter,
  times: 5,
  pieces: [0, 1].map((row) => ({
    x: 0,
    y: row * at('5 1/2'),
    w: at('8'),
    h: at('5 1/2'),
    letters: ['A'],
    turned: false,
    scores: [{ line: 'upright' as const, at: at('4') }],
  })),
  steps: [
    {
      line: 'level',
      fence: at('5 1/2'),
      parts: [
        {
          part: { x: 0, y: 0, w: at('8 1/2'), h: at('11') },
          letters: ['A'],
          lines: [{ x: 0, y: at('5 1/2'), length: at('8 1/2') }],
        },
      ],
    },
    {
      line: 'upright',
      fence: at('8'),
      parts: [0, 1].map((row) => ({
        part: { x: 0, y: row * at('5 1/2'), w: at('8 1/2'), h: at('5 1/2') },
        letters: ['A'],
        lines: [{ x: at('8'), y: row * at('5 1/2'), length: at('5 1/2') }],
      })),
    },
  ],
  leftovers: [
    { x: at('8'), y: 0, w: at('1/2'), h: at('5 1/2'), isUseful: false },
    { x: at('8'), y: at('5 1/2'), w: at('1/2'), h: at('5 1/2'), isUseful: false },
    { x: 0, y: 0, w: at('4'), h: at('8 1/2'), isUseful: true },
  ],
};
const cuts: StockCuts = {
  stock: { id: 'moss' as LibraryId, version: 1 },
  name: 'Moss',
  colour: '#57694a',
  layouts: [layout],
  count: 5,
  bound: 5,
  isLeast: true,
  isCutShort: false,
  impossible: [],
  short: [],
  isAcrossGrain: false,
};

describe('what a stock takes', () => {
  it('says whether fewer are impossible, or how near the answer is', () => {
    expect(boundSentence(cuts)).toBe('5 letter sheets; fewer is impossible');
    expect(boundSentence({ ...cuts, isLeast: false, bound: 4 })).toBe(
      '5 letter sheets; within 1 of the least',
    );
    expect(boundSentence({ ...cuts, isLeast: false, bound: 3, isCutShort: true })).toBe(
      '5 letter sheets; the search was ended, within 2 of the least',
    );
  });

  it('names leftovers apart, and says where nothing can be cut', () => {
    const leftover = { ...letter, kind: 'leftover' as const, sheet: null, leftoverId: 'a' };
    const all = { ...cuts, layouts: [{ ...layout, source: leftover, times: 1 }], count: 0 };
    expect(boundSentence(all)).toBe('1 leftover; no new sheet');
    const impossible = [{ letter: 'A', name: 'Base', why: 'size' as const }];
    expect(boundSentence({ ...cuts, layouts: [], impossible })).toBe('cannot be cut');
    expect(shortfallSentences({ ...cuts, impossible })[0]).toContain('A Base fits no sheet');
  });

  it('counts sheets as one says it', () => {
    expect(countWords(1, 'letter sheet')).toBe('1 letter sheet');
    expect(countWords(12, '12 × 12 sheet')).toBe('12 sheets of 12 × 12');
    expect(countWords(1, '6 × 6 pad')).toBe('1 pad sheet of 6 × 6');
  });
});

describe('the cuts as one makes them', () => {
  it('tells alike sheets once, each setting of the fence, and when to turn', () => {
    expect(layoutSentence(layout, 'in')).toBe('Do this to 5 letter sheets.');
    expect(layoutSentence({ ...layout, times: 1 }, 'in')).toBe('Take 1 letter sheet.');
    expect(stepSentence(layout, 0, 'in')).toBe('Fence at 5 1⁄2: cut.');
    expect(stepSentence(layout, 1, 'in')).toBe('Turn. Fence at 8: cut 2 parts with A.');
  });

  it('tells the score once, and what is put by from what is waste', () => {
    expect(scoreSentences(layout, 'in')).toEqual(['Score A at 4 from its left edge.']);
    expect(leftoverSentences(layout, 'in')).toEqual([
      'Put by 4 × 8 1⁄2.',
      'Waste: 2 of 1⁄2 × 5 1⁄2.',
    ]);
  });
});
