import { describe, expect, it } from 'vitest';
import type { StandingCard } from '../../core/compute/standingCard';
import type { Release } from '../../core/plan/cardFile';
import type { ReleaseId } from '../../core/plan/ids';
import { belowLine, nextWords, releaseWords } from './ledgeWords';
import { orla, cards } from '../../../test/support/ledge';

const today = '2027-03-10';

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
