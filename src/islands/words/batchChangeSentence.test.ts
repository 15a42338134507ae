import { expect, it } from 'vitest';
import { ticksOf } from '../../../test/support/plans';
import type { WantedRow } from '../../core/cutting/cutBatch';
import { batchChangeSentence } from './batchChangeSentence';

const mat: WantedRow = {
  id: 'mat',
  letter: 'C',
  name: 'Mat',
  stock: 'Moss 216 g',
  w: ticksOf('4'),
  h: ticksOf('5'),
  copies: 12,
};

it('says what became of a piece, and only what is different of it', () => {
  const say = (now: Partial<WantedRow>) =>
    batchChangeSentence({ kind: 'changed', before: mat, now: { ...mat, ...now } }, 'in');
  expect(say({ h: ticksOf('5 1/4') })).toBe('C Mat: 4 × 5 1⁄4 instead of 4 × 5.');
  expect(say({ copies: 20 })).toBe('C Mat: 20 instead of 12.');
  expect(say({ stock: 'Oat', copies: 1 })).toBe(
    'C Mat: 1 instead of 12, from Oat instead of Moss 216 g.',
  );
});

it('says what is new, what is wanted no more, and that only the means are others', () => {
  expect(batchChangeSentence({ kind: 'added', now: mat }, 'in')).toBe(
    'C Mat is new: 12 of 4 × 5 from Moss 216 g.',
  );
  expect(batchChangeSentence({ kind: 'removed', before: mat }, 'in')).toBe(
    'C Mat is wanted no more.',
  );
  expect(batchChangeSentence({ kind: 'means' }, 'in')).toContain('The sheets chosen');
});
