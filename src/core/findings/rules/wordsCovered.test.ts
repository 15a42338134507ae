import { describe, expect, it } from 'vitest';
import { afterRemedy, find, findOnPlan } from '../../../../test/support/findings';
import {
  coves,
  dotOn,
  drizzle,
  library,
  measure,
  pieceOn,
  planOf,
  rowPaper,
  stampedOn,
  stencilledOn,
  typed,
  withFrames,
  wordsOn,
  wren,
  layersIn,
} from '../../../../test/support/plans';
import { printedInWish } from '../../plan/plainColours';

/** Coves with a rim half an inch wide round a window. */
const frames = withFrames(50);
const panel = pieceOn('front', 'panel', measure('4', '5'));

describe('words that are hard to read', () => {
  it('under something are found, but not in the window of a frame', () => {
    const words = wordsOn('panel', 'words', ['hello']);
    const label = pieceOn('panel', 'label', measure('1', '1'));
    expect(find('words-covered', [panel, words, label])[0]).toMatchObject({
      subject: { kind: 'pair', id: 'words', other: { id: 'label' } },
      data: { by: 'thing' },
    });
    const frame = pieceOn('front', 'frame', { by: 'die', set: coves, step: 0, turned: false });
    expect(find('words-covered', [panel, words, frame], frames)).toEqual([]);
    expect(find('words-covered', [panel, words, frame])).toHaveLength(1);
    const gem = dotOn('panel', 'gem');
    expect(find('words-covered', [panel, words, gem])[0]).toMatchObject({
      subject: { other: { id: 'gem' } },
    });
    // What is stuck on comes on last, wherever the list has it.
    expect(find('words-covered', [panel, gem, words])).toHaveLength(1);
  });

  it('on printed paper are hard to read', () => {
    const printed = pieceOn('front', 'paper', measure('4', '5'), { stock: rowPaper });
    const found = find('words-covered', [printed, wordsOn('paper', 'words', ['hello'])]);
    expect(found[0]?.data).toEqual({
      rule: 'words-covered',
      by: 'printed-paper',
    });
  });

  it('on a stencilled ground are hard to read', () => {
    const pieces = [
      panel,
      stencilledOn('panel', 'rain', drizzle),
      wordsOn('panel', 'words', ['hello']),
    ];
    expect(find('words-covered', pieces)[0]).toMatchObject({
      subject: { other: { name: 'rain' } },
      data: { by: 'pattern' },
    });
  });

  it('on an image are found where they meet its ink, whichever is told first', () => {
    const bird = stampedOn('panel', 'bird', wren);
    const words = wordsOn('panel', 'words', ['hello']);
    const [found] = find('words-covered', [panel, bird, words]);
    expect(found).toMatchObject({
      subject: { id: 'words', other: { id: 'bird' } },
      data: { by: 'image' },
    });
    expect(find('words-covered', [panel, words, bird])[0]?.data.by).toBe('thing');
    const beside = { ...words, place: { ...words.place, y: fromTop('1/2') } };
    expect(find('words-covered', [panel, bird, beside])).toEqual([]);
  });

  it('between the lines of an image, or white on a plain part of it, are read', () => {
    const words = wordsOn('panel', 'words', ['hi']);
    const body = { ...stampedOn('panel', 'bird', wren), layers: layersIn('#33404a', null) };
    // Dark on dark, then white on dark, then dark between lines.
    const lines = { ...body, layers: layersIn(null, '#1e2428') };
    expect(find('words-covered', [panel, body, words])).toHaveLength(1);
    expect(
      find('words-covered', [panel, body, { ...words, print: printedInWish('#ffffff') }]),
    ).toEqual([]);
    expect(find('words-covered', [panel, lines, words])).toEqual([]);
  });

  it('go to the best free place, or what covers them goes aside', () => {
    const words = wordsOn('panel', 'words', ['hello']);
    const pieces = [panel, words, pieceOn('panel', 'label', measure('1', '1'))];
    const plan = planOf(pieces);
    const [found] = findOnPlan('words-covered', plan);
    expect(found?.remedies.map((each) => each.id === 'move' && each.name)).toEqual([
      'words',
      'label',
    ]);
    for (const index of [0, 1])
      expect(findOnPlan('words-covered', afterRemedy(plan, found, index))).toEqual([]);
  });

  it('of a stamp that is a sentiment with no text are words too', () => {
    const own = library.map((item) =>
      item.kind === 'stamp' ? { ...item, stamp: 'sentiment' as const } : item,
    );
    const gem = dotOn('panel', 'gem');
    expect(
      find('words-covered', [panel, stampedOn('panel', 'hooray', wren), gem], own),
    ).toHaveLength(1);
  });
});

const fromTop = (text: string) => ({ from: 'top' as const, distance: typed(text) });
