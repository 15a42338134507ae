import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { StandingCard } from '../../core/compute/standingCard';
import { TICKS_PER_INCH } from '../../core/length/length';
import type { CardId, SeriesId } from '../../core/plan/ids';
import {
  belowCards,
  cardAfter,
  cardBelow,
  cardGap,
  ledgeRows,
  seriesLine,
  seriesRuns,
  slotWidth,
} from './ledgeRows';
import { shortTitle } from './ledgeWords';
import { firstDrawn, seenFirst } from './seenFirst';
import { releases, context, cardOf, cards } from '../../../test/support/ledge';

describe('the rows of the Ledge', () => {
  const scale = 25 / TICKS_PER_INCH;
  const rowsOf = (list: readonly StandingCard[], width = 1200, hasEmpty = true) =>
    ledgeRows(list, releases, { width, scale, hasEmpty });

  it('are a heading and cards for each release, an empty one as a place, and the rest at the end', () => {
    expect(rowsOf(cards).map(({ kind, release }) => `${kind} ${release?.name ?? '-'}`)).toEqual([
      'heading Allotment Row',
      'cards Allotment Row',
      'heading Button Tin',
      'empty Button Tin',
      'heading -',
      'cards -',
    ]);
    expect(rowsOf(cards, 1200, false).some(({ kind }) => kind === 'empty')).toBe(false);
    expect(rowsOf([], 1200, false)).toEqual([]);
  });

  it('keep a series together behind the cards by themselves, on a row of its own where it fits on one', () => {
    const series = { id: 'prize' as SeriesId, name: 'Marrow prize' };
    const member = (id: string) => cardOf(id, { title: `Marrow prize: ${id}`, series });
    const list = [member('a'), cardOf('x'), member('b'), cardOf('y'), cardOf('z'), member('c')];
    const filled = (width: number) =>
      rowsOf(list, width, false).flatMap((row) => (row.kind === 'cards' ? [row] : []));
    const ids = (width: number) => filled(width).map((row) => row.cards.map(({ id }) => id));
    expect(ids(1400)).toEqual([['x', 'y', 'z', 'a', 'b', 'c']]);
    expect(ids(800)).toEqual([
      ['x', 'y', 'z'],
      ['a', 'b', 'c'],
    ]);
    // Where it fits on none it is broken like any cards.
    expect(ids(400)).toEqual([
      ['x', 'y'],
      ['z', 'a'],
      ['b', 'c'],
    ]);
    expect(filled(800).map(({ below }) => below)).toEqual([belowCards, belowCards + seriesLine]);
    expect(seriesRuns(filled(400)[1]?.cards ?? [])).toEqual([{ series, from: 1, count: 1 }]);
    expect(list.map(shortTitle)).toEqual(['a', 'x', 'b', 'y', 'z', 'c']);
  });

  it('hold every card once, in order, and never more than fits (seed 62)', () => {
    const any = fc.tuple(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 200, max: 2000 }));
    fc.assert(
      fc.property(any, ([count, width]) => {
        const many = Array.from({ length: count }, (_, index) => ({
          ...(cards[index % cards.length] as StandingCard),
          id: `c${index}` as CardId,
          releaseId: null,
        }));
        const filled = rowsOf(many, width, false).flatMap((row) =>
          row.kind === 'cards' ? [row.cards] : [],
        );
        expect(filled.flat()).toEqual(many);
        for (const row of filled) {
          const widths = row.map((card) => slotWidth(card, scale));
          const total = widths.reduce((sum, each) => sum + each + cardGap, -cardGap);
          expect(row.length === 1 || total <= width).toBe(true);
        }
      }),
      { seed: 62, numRuns: 100 },
    );
  });

  it('are seen first down to about two screens, those of the filter in the address', () => {
    const many = Array.from({ length: 200 }, (_, index) => ({
      ...(cards[index % cards.length] as StandingCard),
      id: `c${index}` as CardId,
      releaseId: null,
    }));
    const seen = seenFirst(many, context, '', firstDrawn);
    expect(seen).toEqual(many.slice(0, seen.length));
    expect(seen.length).toBeGreaterThan(12);
    expect(seen.length).toBeLessThan(60);
    const trams = seenFirst(many, context, '?occasion=birthday', firstDrawn);
    expect(trams.length).toBeGreaterThan(0);
    expect(trams.every(({ occasion }) => occasion === 'birthday')).toBe(true);
  });

  it('are walked card by card and row by row, and end at the ends', () => {
    const rows = rowsOf(cards, 420);
    expect(cardAfter(rows, undefined, 1)?.id).toBe('beans');
    expect(cardAfter(rows, 'beans', 1)?.id).toBe('rain');
    expect(cardAfter(rows, 'lost', 1)?.id).toBe('lost');
    expect(cardAfter([], 'lost', 1)).toBeUndefined();
    expect(cardBelow(rows, 'rain', 1)?.id).toBe('lost');
    expect(cardBelow(rows, 'lost', -1)?.id).toBe('rain');
    expect(cardBelow(rows, undefined, 1)?.id).toBe('beans');
  });
});
