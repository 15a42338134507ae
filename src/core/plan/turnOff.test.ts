import { describe, expect, it } from 'vitest';
import { turnOff } from './turnOff';
import { after, id, pair } from '../../../test/support/edits';

describe('turning off', () => {
  it('turns the whole group, and again turns it on', () => {
    const off = after(pair, turnOff(pair, id('bird')));
    expect(off.pieces.map(({ isOff }) => isOff)).toEqual([false, true, true, false]);
    expect(after(off, turnOff(off, id('bird')))).toEqual(pair);
    expect(turnOff(pair, id('gone'))).toBeUndefined();
  });
});
