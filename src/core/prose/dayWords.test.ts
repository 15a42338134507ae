import { describe, expect, it } from 'vitest';
import { dayWords } from './dayWords';

describe('days', () => {
  it('are said with their month', () => {
    expect(dayWords('2027-03-12')).toBe('12 March 2027');
  });
});
