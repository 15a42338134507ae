import { describe, expect, it } from 'vitest';
import { must } from '../../../test/support/must';
import { printAt } from '../../../test/support/prints';
import type { LibraryId } from '../plan/ids';
import { emptyHolding } from '../stash/holdings';
import { maskStock, withKeptMask, withoutKeptMask } from './keptMasks';
import { planPaper } from './planPaper';
import { masksToCut } from './masksToCut';

const habits = { inset: 8000, spindly: 16_000, margin: 16_000 };
const school = {
  acceptsOverlaps: false,
  wordsStamped: 'as-listed',
  keepsGroundsOff: false,
} as const;
const planned = (stamp: string | undefined, x = 5) => {
  const prints = [printAt('behind', x, 0), printAt('jar', 0, 0, { stamp })];
  const paper = planPaper({ prints, clip: (all) => all, decisions: [], school, habits });
  return must(masksToCut([paper], habits, 12, 15)[0]);
};
const jar = 'jar' as LibraryId;
const mask = planned('jar 1 whole');
const none = emptyHolding(jar);
const batch = (copies: number, cardId = 'shelf') => ({ cardId, copies, maskUses: 15 });

describe('a mask kept with its stamp', () => {
  it('has the uses left that its batch leaves, and serves the next card before another is cut', () => {
    const first = must(maskStock(mask, [mask], [], batch(12)));
    expect(first).toEqual({ stampId: jar, kept: 0, toCut: 1, left: 3, isKept: false });
    const kept = withKeptMask(none, mask, first, 'shelf');
    expect(kept.masks).toEqual([{ covers: 'jar 1 whole', usesLeft: 3, cardId: 'shelf' }]);
    // Of its own card it is not counted twice.
    expect(maskStock(mask, [mask], [kept], batch(12))).toMatchObject({
      kept: 0,
      toCut: 1,
      isKept: true,
    });
    expect(maskStock(mask, [mask], [kept], batch(3, 'other'))).toMatchObject({
      kept: 3,
      toCut: 0,
      left: 0,
    });
    const next = must(maskStock(mask, [mask], [kept], batch(12, 'other')));
    expect(next).toMatchObject({ kept: 3, toCut: 1, left: 6 });
    expect(withKeptMask(kept, mask, next, 'other').masks).toMatchObject([{ usesLeft: 6 }]);
    expect(withKeptMask(kept, mask, { left: 0 }, 'other').masks).toEqual([]);
    expect(withoutKeptMask(kept, mask).masks).toEqual([]);
  });

  it('is only of the same version and part of a stamp, and never one that is cut for a corner', () => {
    const kept = withKeptMask(none, mask, { left: 9 }, 'shelf');
    const [second, nameless] = [planned('jar 2 whole'), planned(undefined)];
    expect(maskStock(second, [second], [kept], batch(1, 'other'))?.kept).toBe(0);
    expect(maskStock(nameless, [nameless], [kept], batch(1))).toBeUndefined();
    const corner = planned('jar 1 whole', 9);
    expect(corner.covers[0].mask.isPartial).toBe(true);
    expect(maskStock(corner, [corner], [kept], batch(1))).toBeUndefined();
  });

  it('is reckoned with its like, where several have to lie on at once', () => {
    const two = [mask, mask];
    expect(maskStock(mask, two, [], batch(1))).toMatchObject({ toCut: 2, left: 28 });
    const kept = withKeptMask(none, mask, { left: 28 }, 'shelf');
    expect(maskStock(mask, two, [kept], batch(1, 'other'))).toMatchObject({ toCut: 1, left: 41 });
  });
});
