import { describe, expect, it } from 'vitest';
import { must } from '../../../test/support/must';
import { library, typed, wren } from '../../../test/support/plans';
import type { LibraryId } from '../../core/plan/ids';
import { findStamp } from '../../core/plan/library';
import { choicesOf } from './itemChoices';

const wrenStamp = must(findStamp(library, wren));
const small = { ...wrenStamp, id: 'small' as LibraryId, width: typed('1'), height: typed('1/2') };

describe('items to choose from', () => {
  it('are told apart where two are called the same, and only there', () => {
    expect(choicesOf([wrenStamp, small], 'in').map(({ note }) => note)).toEqual([
      '2 × 1',
      '1 × 1⁄2',
    ]);
    expect(choicesOf([wrenStamp], 'in')).toEqual([{ value: 'wren@1', name: 'Garden wren' }]);
  });
});
