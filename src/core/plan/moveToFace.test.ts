import { describe, expect, it } from 'vitest';
import { fiveLayers } from '../../../test/support/plans';
import { moveToFace } from './moveToFace';
import { after, id, onOf, pair } from '../../../test/support/edits';

describe('moving to another face', () => {
  it('takes along the group and what lies on it, and leaves what is under it', () => {
    const plan = after(pair, moveToFace(pair, id('bird'), 'back'));
    expect(onOf(plan)).toEqual([
      'paper on front',
      'bird on back',
      'balloon on bird',
      'words on paper',
    ]);
    expect(moveToFace(plan, id('bird'), 'back')).toBeUndefined();
    expect(moveToFace(plan, id('gone'), 'back')).toBeUndefined();
  });

  it('takes a whole stack by its lowest piece', () => {
    const plan = after(fiveLayers(), moveToFace(fiveLayers(), id('paper'), 'inside-front'));
    expect(onOf(plan).slice(0, 2)).toEqual(['paper on inside-front', 'mat-1 on paper']);
  });
});
