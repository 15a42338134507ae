import { describe, expect, it } from 'vitest';
import { workBatchSchema } from './workBatch';
import { beginWork, isWorked, markDone, markUndone, takeUp, workedOn } from './workOn';

const at = (minute: number) => new Date(Date.UTC(2027, 2, 8, 19, minute)).toISOString();
const item = { step: 'stamp:boat:dye', name: 'Stamp Boat', plannedSeconds: 120, ready: 0 };

describe('work at the bench', () => {
  it('counts copies, and the time between taking up and marking', () => {
    const begun = takeUp(beginWork(3, at(0)), item.step, at(0));
    const one = markDone(begun, item, 1, at(2));
    const two = markDone(one, item, 1, at(5));
    expect(workedOn(two, item.step)).toEqual({
      ...{ step: item.step, name: item.name, copies: 2, spent: 300, planned: 120 },
      ...{ firstAt: at(2), lastAt: at(5) },
    });
    expect(isWorked(two, item.step)).toBe(false);
    const all = markDone(two, item, 3, at(6));
    expect([workedOn(all, item.step)?.copies, isWorked(all, item.step)]).toEqual([3, true]);
    expect(workBatchSchema.parse(all)).toEqual(all);
  });

  it('takes a night for a break, and what was not taken up for no time', () => {
    const begun = takeUp(beginWork(1, at(0)), item.step, at(0));
    const next = new Date(Date.UTC(2027, 2, 9, 19)).toISOString();
    expect(workedOn(markDone(begun, item, 1, next), item.step)?.spent).toBe(3 * 3600);
    expect(workedOn(markDone(beginWork(1, at(0)), item, 1, at(9)), item.step)?.spent).toBe(0);
  });

  it('takes marks back', () => {
    const done = markDone(beginWork(1, at(0)), item, 1, at(1));
    const undone = markUndone(done, item.step, at(2));
    expect([undone.steps, undone.current]).toEqual([[], { step: item.step, since: at(2) }]);
    expect(isWorked(null, item.step)).toBe(false);
  });
});
