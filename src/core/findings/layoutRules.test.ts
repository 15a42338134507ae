import { describe, expect, it } from 'vitest';
import {
  coves,
  dotOn,
  library,
  measure,
  pieceOn,
  planOf,
  rowPaper,
  stampedOn,
  typed,
  wordsOn,
  wren,
} from '../../../test/support/plans';
import { computeCard } from '../compute/computeCard';
import { inches } from '../length/length';
import type { Library } from '../plan/library';
import { applyEdit } from '../plan/applyEdit';
import type { Piece } from '../plan/piece';
import type { RuleId } from '../plan/rules';

/** The coves as a frame: a rim half an inch wide round a window. */
const frames: Library = library.map((item) =>
  item.kind === 'die-set'
    ? {
        ...item,
        shape: {
          box: { width: 400, height: 525 },
          outline: 'M0 0H400V525H0ZM50 50H350V475H50Z',
        },
      }
    : item,
);
const panel = pieceOn('front', 'panel', measure('4', '5'));
const find = (rule: RuleId, pieces: readonly Piece[], items: Library = library) =>
  computeCard(planOf(pieces), items).findings.filter(({ data }) => data.rule === rule);
/** What the rule finds once its first remedy is done. */
const mended = (rule: RuleId, pieces: readonly Piece[], items: Library = library) => {
  const [found] = find(rule, pieces, items);
  const edit = found?.remedies[0]?.edit;
  const outcome = edit && applyEdit(planOf(pieces), edit);
  if (!outcome?.ok) throw new Error(`no remedy of ${rule}`);
  return find(rule, outcome.plan.pieces, items);
};
const left = (distance: string) => ({ x: { from: 'left', distance: typed(distance) } }) as const;

describe('words', () => {
  it('that slope by a slip are found, and laid straight; a slope that is meant is not', () => {
    const sloping = (turn: number) => [panel, wordsOn('panel', 'words', ['hello'], { turn })];
    expect(find('word-slope', sloping(1))[0]?.data).toEqual({ rule: 'word-slope', degrees: 1 });
    expect(mended('word-slope', sloping(-2))).toEqual([]);
    expect(find('word-slope', sloping(0))).toEqual([]);
    expect(find('word-slope', sloping(12))).toEqual([]);
    expect(find('word-slope', [panel, stampedOn('panel', 'bird', wren, { turn: 2 })])).toEqual([]);
  });

  it('nearer to an edge than an eighth are found, and centred', () => {
    const near = [panel, wordsOn('panel', 'words', ['hello'], left('1/16'))];
    expect(find('words-near-edge', near)[0]?.data).toMatchObject({
      sides: ['left'],
      least: inches(0, 1, 16),
      isTooShort: false,
    });
    expect(mended('words-near-edge', near)).toEqual([]);
    expect(
      find('words-near-edge', [panel, wordsOn('panel', 'words', ['hello'], left('1/8'))]),
    ).toEqual([]);
  });

  it('too large for their strip say so, without a remedy that would not help', () => {
    const strip = pieceOn('front', 'strip', measure('1', '1/4'));
    const [found] = find('words-near-edge', [strip, wordsOn('strip', 'words', ['a longer line'])]);
    expect(found?.data).toMatchObject({ isTooShort: true });
    expect(found?.remedies).toEqual([]);
  });

  it('under something are found, but not in the window of a frame', () => {
    const words = wordsOn('panel', 'words', ['hello']);
    const label = pieceOn('panel', 'label', measure('1', '1'));
    expect(find('words-covered', [panel, words, label])[0]?.data).toMatchObject({
      cover: { kind: 'thing', name: 'label' },
    });
    const frame = pieceOn('front', 'frame', { by: 'die', set: coves, step: 0, turned: false });
    expect(find('words-covered', [panel, words, frame], frames)).toEqual([]);
    expect(find('words-covered', [panel, words, frame])).toHaveLength(1);
    const gem = dotOn('panel', 'gem');
    expect(find('words-covered', [panel, words, gem])[0]?.data).toMatchObject({
      cover: { name: 'gem' },
    });
    // What is stuck on comes on last, wherever the list has it.
    expect(find('words-covered', [panel, gem, words])).toHaveLength(1);
  });

  it('on printed paper are hard to read', () => {
    const printed = pieceOn('front', 'paper', measure('4', '5'), { stock: rowPaper });
    const found = find('words-covered', [printed, wordsOn('paper', 'words', ['hello'])]);
    expect(found[0]?.data).toEqual({
      rule: 'words-covered',
      cover: { kind: 'printed-paper' },
    });
  });
});

describe('what stands a little off the middle', () => {
  it('is found between a mark and an eighth, and centred', () => {
    const off = (distance: string) => [panel, stampedOn('panel', 'bird', wren, left(distance))];
    expect(find('off-centre', off('1 3/32'))[0]?.data).toMatchObject({
      axis: 'x',
      by: inches(0, 3, 32),
    });
    expect(mended('off-centre', off('1 3/32'))).toEqual([]);
    expect(find('off-centre', off('1 1/16'))).toEqual([]);
    expect(find('off-centre', off('1 3/16'))).toEqual([]);
  });

  it('is not sought among several pictures, in a group, or of dots', () => {
    const bird = stampedOn('panel', 'bird', wren, left('1 3/32'));
    expect(find('off-centre', [panel, bird, stampedOn('panel', 'other', wren)])).toEqual([]);
    expect(find('off-centre', [panel, { ...bird, group: 'wreath' }])).toEqual([]);
    expect(find('off-centre', [panel, dotOn('panel', 'gem', left('2'))])).toEqual([]);
  });
});

describe('die cuts that run off the card', () => {
  const set = { by: 'die', set: coves, step: 0, turned: false } as const;
  const off = {
    x: { from: 'left', distance: { ticks: typed('0').ticks - inches(0, 1, 4) } },
    y: { from: 'centre' },
  } as const;
  const frame = pieceOn('front', 'frame', set, off as never);

  it('are told by how much, and trimmed by the remedy', () => {
    expect(find('overhang', [frame], frames)[0]?.data).toEqual({
      rule: 'overhang',
      side: 'left',
      by: inches(0, 1, 4),
    });
    expect(mended('overhang', [frame], frames)).toEqual([]);
    expect(find('larger-than-support', [frame], frames)).toEqual([]);
    expect(find('larger-than-support', [frame])).toHaveLength(1);
  });
});

describe('an even number of gems', () => {
  const gems = (count: number) =>
    Array.from({ length: count }, (_, index) => dotOn('panel', `gem-${index}`));

  it('is against the habit, an odd one or a scatter is not', () => {
    const [found] = find('even-number', [panel, ...gems(4)]);
    expect([found?.severity, found?.data]).toEqual([
      'habit',
      { rule: 'even-number', count: 4, face: 'front' },
    ]);
    for (const count of [1, 3, 5, 14])
      expect(find('even-number', [panel, ...gems(count)])).toEqual([]);
    const splatter = gems(4).map((dot) => ({ ...dot, look: 'splatter' as const }));
    expect(find('even-number', [panel, ...splatter])).toEqual([]);
  });
});
