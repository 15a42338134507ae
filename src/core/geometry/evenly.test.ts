import { expect, it } from 'vitest';
import { evenly } from './evenly';

it('takes all of a short list, and of a long one so many with both ends', () => {
  const list = Array.from({ length: 101 }, (_, at) => at);
  expect(evenly(list, 200)).toBe(list);
  expect(evenly(list, 101)).toBe(list);
  expect(evenly(list, 5)).toEqual([0, 25, 50, 75, 100]);
  expect(evenly(list, 2)).toEqual([0, 100]);
});
