import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  countShows,
  filterCards,
  isPlainFilter,
  readFilter,
  writeFilter,
  type LedgeFilter,
} from './ledgeFilter';
import { context, cards } from '../../../test/support/ledge';

const all = readFilter(new URLSearchParams());

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
