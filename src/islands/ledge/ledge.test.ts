import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { library, measure, pieceOn, planOf } from '../../../test/support/plans';
import { computeCard } from '../../core/compute/computeCard';
import { standingCard, type StandingCard } from '../../core/compute/standingCard';
import { TICKS_PER_INCH } from '../../core/length/length';
import type { Designer, Release } from '../../core/plan/cardFile';
import type { CardId, DesignerId, ReleaseId } from '../../core/plan/ids';
import type { About, Plan } from '../../core/plan/plan';
import {
  countShows,
  filterCards,
  isPlainFilter,
  readFilter,
  writeFilter,
  type LedgeFilter,
} from './ledgeFilter';
import { cardAfter, cardBelow, cardGap, ledgeRows, slotWidth } from './ledgeRows';
import { seenFirst } from './seenFirst';
import { belowLine, nextWords, releaseWords } from './ledgeWords';

const today = '2027-03-10';
const orla: Designer = { id: 'orla' as DesignerId, name: 'Orla' };
const releases: readonly Release[] = [
  { id: 'row' as ReleaseId, name: 'Allotment Row', onSale: '2027-03-12' },
  { id: 'empty' as ReleaseId, name: 'Button Tin', onSale: null },
];
const context = { unit: 'in', designers: [orla], releases, designerId: 'orla' } as const;
const all = readFilter(new URLSearchParams());

function cardOf(id: string, about: Partial<About> = {}, base: Partial<Plan['base']> = {}) {
  const plain = planOf([pieceOn('front', 'Panel', measure('4', '5'))]);
  const plan: Plan = {
    ...plain,
    about: { ...plain.about, title: id, ...about },
    base: { ...plain.base, ...base },
  };
  return standingCard(id as CardId, 1, plan, computeCard(plan, library));
}
const cards: readonly StandingCard[] = [
  cardOf('beans', {
    designerId: orla.id,
    releaseId: releases[0]?.id ?? null,
    filmOn: '2027-03-11',
  }),
  cardOf('rain', { releaseId: releases[0]?.id ?? null, status: 'filmed', filmOn: '2027-03-01' }),
  cardOf('tram', { occasion: 'birthday', techniques: ['stencil'] }, { fold: 'tent' }),
  cardOf('lost', { releaseId: 'gone' as ReleaseId, status: 'published' }),
];
const shown = (change: Partial<LedgeFilter>) =>
  filterCards(cards, { ...all, ...change }, context).map(({ id }) => id as string);

describe('the filter of the Ledge', () => {
  it('shows all, mine, those to film, those with findings, and counts each', () => {
    expect(shown({})).toEqual(['beans', 'rain', 'tram', 'lost']);
    expect(shown({ show: 'mine' })).toEqual(['beans']);
    expect(shown({ show: 'film' })).toEqual(['beans']);
    expect(countShows(cards, context)).toEqual({ all: 4, mine: 1, film: 1, findings: 4 });
  });

  it('narrows by each choice and by words, those of the release too', () => {
    expect(shown({ occasion: 'birthday' })).toEqual(['tram']);
    expect(shown({ technique: 'stencil' })).toEqual(['tram']);
    expect(shown({ designer: 'orla' })).toEqual(['beans']);
    expect(shown({ format: 'DL' })).toEqual([]);
    expect(shown({ query: 'allotment' })).toEqual(['beans', 'rain']);
  });

  it('comes back from the address as it went in (seed 61)', () => {
    const text = fc.option(fc.string({ minLength: 1, maxLength: 12 }), { nil: undefined });
    const anyFilter = fc.record({
      query: fc.string({ maxLength: 12 }).map((query) => query.trim()),
      show: fc.constantFrom('all', 'mine', 'film', 'findings'),
      format: text,
      designer: text,
      occasion: text,
      technique: text,
    }) as fc.Arbitrary<LedgeFilter>;
    fc.assert(
      fc.property(anyFilter, (filter) => {
        const { search } = new URL(writeFilter(filter), 'http://127.0.0.1');
        expect(readFilter(new URLSearchParams(search))).toEqual(filter);
      }),
      { seed: 61, numRuns: 200 },
    );
    expect(isPlainFilter(all)).toBe(true);
  });
});

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
    const seen = seenFirst(many, context, '');
    expect(seen).toEqual(many.slice(0, seen.length));
    expect(seen.length).toBeGreaterThan(12);
    expect(seen.length).toBeLessThan(60);
    const trams = seenFirst(many, context, '?occasion=birthday');
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

describe('what is said on the Ledge', () => {
  const [beans, rain, tram] = cards as readonly [StandingCard, StandingCard, StandingCard];

  it.each([
    ['2027-03-12', 'on sale 12 March 2027, in 2 days. 1 of 2 filmed.'],
    ['2027-03-11', 'on sale 11 March 2027, tomorrow. 1 of 2 filmed.'],
    ['2027-03-10', 'on sale 10 March 2027, today. 1 of 2 filmed.'],
    ['2027-03-09', 'on sale 9 March 2027, 1 day ago. 1 of 2 filmed.'],
    ['2027-03-01', 'on sale 1 March 2027, 9 days ago. 1 of 2 filmed.'],
    [null, 'no date yet. 1 of 2 filmed.'],
  ])('tells what the day %s of a release means', (onSale, words) => {
    const release: Release = { id: 'row' as ReleaseId, name: 'Allotment Row', onSale };
    expect(releaseWords(release, [beans, rain], today)).toBe(words);
  });

  it('tells of a card its shape, who made it and what is next', () => {
    expect(belowLine(beans, [orla], today)).toBe('A2, Orla, films tomorrow');
    expect(belowLine(beans, [orla], '2027-03-05')).toBe('A2, Orla, films Thursday');
    expect(belowLine(beans, [orla], '2027-02-05')).toBe('A2, Orla, films 11 March');
    expect(belowLine(rain, [orla], today)).toBe('A2, filmed');
    expect(belowLine(tram, [orla], today)).toBe('A2 tent');
  });

  it('tells which card is filmed next of all', () => {
    expect(nextWords(cards, today)).toBe('4 cards. Next: beans is filmed tomorrow.');
    expect(nextWords(cards, '2027-03-08')).toBe('4 cards. Next: beans is filmed on Thursday.');
    expect(nextWords([rain], today)).toBe('1 card.');
  });
});
