import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { isPatterned, isUnknown } from '../kinds/paint';
import { millimetres } from '../length/length';
import { adhesiveIds } from '../paper/adhesives';
import { defaultHabits } from '../plan/habits';
import { bondsOf, isHeldBy, isLifted, liftOf } from './bond';
import { resolvePlan } from './resolvePlan';

describe('bonds', () => {
  it('lift a piece by the height the house gives its adhesive, and foam alone puts air under it', () => {
    const habits = defaultHabits('in');
    for (const attach of adhesiveIds) {
      const bonds = bondsOf({ attach }, habits);
      expect(liftOf(bonds)).toBe(habits.adhesiveHeights[attach].ticks);
      expect(isLifted({ bonds })).toBe(attach.includes('foam'));
      expect(adhesiveIds.filter((id) => isHeldBy({ bonds }, id))).toEqual([attach]);
    }
    expect(liftOf([])).toBe(0);
  });

  it('of two heights lift by the higher', () => {
    const habits = defaultHabits('in');
    const bonds = [...bondsOf({ attach: 'foam' }, habits), ...bondsOf({ attach: 'tape' }, habits)];
    expect(liftOf(bonds)).toBe(millimetres(1.5));
    expect(isHeldBy({ bonds }, 'tape')).toBe(true);
    expect(isHeldBy({ bonds }, 'liquid')).toBe(false);
  });
});

describe('paints', () => {
  it('tell of every piece what its stock is seen in, and of every mark what is under it', () => {
    let marks = 0;
    for (const { plan, library } of demoCards) {
      const card = resolvePlan(plan, library);
      const paper = new Map(card.pieces.map(({ id, stock }) => [String(id), stock]));
      for (const { stock, paint } of card.pieces) expect(paint.colour).toBe(stock?.colour);
      for (const { ground, support, paints } of card.marks) {
        const stock = support === 'base' ? card.base.stock : paper.get(support);
        expect(ground.colour).toBe(stock?.colour);
        expect(isPatterned(ground)).toBe(stock?.paper === 'patterned');
        expect(paints.some((paint) => paint && !isUnknown(paint))).toBe(true);
        marks++;
      }
    }
    expect(marks).toBeGreaterThan(100);
  });

  it('of a stock the library does not hold are told to be unknown', () => {
    const [first] = demoCards;
    if (!first) throw new Error('no demoCards card');
    const { base, pieces, marks } = resolvePlan(first.plan, []);
    expect(isUnknown(base.paint)).toBe(true);
    expect(pieces.every(({ paint }) => isUnknown(paint))).toBe(true);
    expect(marks.every(({ ground }) => isUnknown(ground))).toBe(true);
  });
});
