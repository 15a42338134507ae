import { describe, expect, it } from 'vitest';
import { cards, cardOf, context, releases } from '../../../test/support/ledge';
import { firstCards } from './ledgeStart';

const today = '2027-03-05';
const many = Array.from({ length: 200 }, (_, index) =>
  cardOf(`card ${index}`, {
    releaseId: releases[0]?.id ?? null,
    filmOn: index === 150 ? '2027-03-06' : null,
  }),
);

describe('what the page of the Ledge brings', () => {
  it('is all of a small one, with its bin', () => {
    const first = firstCards({ cards, binned: [many[0] ?? []].flat() }, context, {
      search: '',
      today,
    });
    expect(first).toMatchObject({ isWhole: true, binnedCount: 1, texts: null });
    expect(first.cards).toEqual(cards);
    expect(first.binned).toHaveLength(1);
  });

  it('is what is seen first of a large one, told with all that comes after it', () => {
    const first = firstCards({ cards: many, binned: cards }, context, { search: '', today });
    expect(first).toMatchObject({
      isWhole: false,
      binned: [],
      binnedCount: 4,
      counts: { all: 200 },
    });
    expect(first.cards.length).toBeGreaterThan(5);
    expect(first.cards.length).toBeLessThan(60);
    expect(first.next).toBe('200 cards. Next: card 150 is filmed tomorrow.');
  });

  it('is what an address asks for, with the words it is found by', () => {
    const first = firstCards({ cards: many, binned: [] }, context, {
      search: '?q=card+199',
      today,
    });
    expect(first.cards.map(({ title }) => title)).toEqual(['card 199']);
    expect(Object.keys(first.texts ?? {})).toEqual(['card 199']);
  });
});
