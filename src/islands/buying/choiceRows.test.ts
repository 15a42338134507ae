import { describe, expect, it } from 'vitest';
import { cardOf, releases } from '../../../test/support/ledge';
import type { ReleaseId } from '../../core/plan/ids';
import { choiceRows } from './choiceRows';

const row = releases[0]?.id ?? null;
const cards = [
  cardOf('tram', { releaseId: row }),
  cardOf('beans', { releaseId: row }),
  cardOf('lost', { releaseId: 'gone' as ReleaseId }),
  cardOf('plain'),
];
const told = (query: string, chosenFirst?: ReadonlySet<string>) =>
  choiceRows(cards, releases, query, chosenFirst).map((each) =>
    each.kind === 'card' ? each.card.title : `${each.name}: ${each.ids.length}`,
  );

describe('the cards one can buy for', () => {
  it('stand by release and title, those of no release or one that is gone last', () => {
    expect(told('')).toEqual([
      'Allotment Row: 2',
      'beans',
      'tram',
      'Without a release: 2',
      'lost',
      'plain',
    ]);
  });

  it('stand with the releases of those that are chosen already before all others', () => {
    expect(told('', new Set(['plain']))[0]).toBe('Without a release: 2');
    expect(told('', new Set(['plain'])).at(-1)).toBe('tram');
  });

  it('are found by title and release', () => {
    expect(told('ALLOT beans')).toEqual(['Allotment Row: 1', 'beans']);
    expect(told('plai')).toEqual(['Without a release: 1', 'plain']);
    expect(told('nothing like it')).toEqual([]);
  });
});
