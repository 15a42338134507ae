import { expect, it } from 'vitest';
import { peopleWords } from './peopleWords';

it('names each person once, and counts those without a name', () => {
  expect(peopleWords(['Edda', 'Wim', 'Edda'])).toBe('Edda and Wim');
  expect(peopleWords(['Edda', null])).toBe('Edda and someone');
  expect(peopleWords([null, null])).toBe('2 without a name');
});
