import { describe, expect, it } from 'vitest';
import { chalk, library, moss } from '../../../test/support/plans';
import type { Holding } from '../../core/stash/holding';
import { emptyHolding } from '../../core/stash/holdings';
import { everything, filterStash, stashLines } from './stashRows';

const items = new Map(library.map((item) => [item.id, item]));

const held: Holding = {
  ...emptyHolding(moss.id),
  sheets: [{ sheet: 'letter', count: 0, price: null }],
};

const gone: Holding = { ...emptyHolding(chalk.id), isGone: true };

const holdings = new Map([held, gone].map((holding) => [holding.itemId, holding]));

const lines = stashLines(items, holdings, 'in');

const namesOf = (change: Partial<typeof everything>) =>
  filterStash(lines, { ...everything, ...change }, '2027-03-01').map(({ item }) => item.id);

describe('the lines of the stash', () => {
  it('stand by kind, then by name', () => {
    expect(lines.map(({ item }) => item.kind)).toEqual(
      lines
        .map(({ item }) => item.kind)
        .toSorted((a, b) => Number(a !== 'stock') - Number(b !== 'stock')),
    );
    expect(lines[0]?.words).toContain('216 g');
  });

  it('are found by every word, of name, kind, sort and sheet', () => {
    expect(namesOf({ text: 'moss cardstock LETTER' })).toEqual([moss.id]);
    expect(namesOf({ text: 'moss tulip' })).toEqual([]);
    expect(namesOf({ kind: 'die-set' })).toEqual(['coves']);
  });

  it('that are used up or taken out are shown when asked for', () => {
    expect(namesOf({ show: 'used-up' })).toEqual([moss.id]);
    expect(namesOf({ show: 'gone' })).toEqual([chalk.id]);
    expect(namesOf({})).not.toContain(chalk.id);
  });
});
