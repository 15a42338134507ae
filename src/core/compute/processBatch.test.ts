import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import { processOf } from '../../../test/support/process';
import { lagOf } from '../process/arrow';

const mooring = must(demoCards.find(({ id }) => id === 'mooring-by-lamplight'));

describe('a batch', () => {
  const batchOf = (copies: number) => {
    const plan = { ...mooring.plan, making: { ...mooring.plan.making, copies } };
    return must(processOf(plan, mooring.library).batch);
  };

  it('gets ready once, and takes no less for more', () => {
    const [few, many] = [batchOf(2), batchOf(20)];
    const minutes = ({ stages }: typeof few) =>
      stages.reduce((sum, { step }) => sum + step.minutes.usual, 0);
    expect(minutes(many)).toBeGreaterThan(minutes(few));
    expect(minutes(many) / 20).toBeLessThan(minutes(few) / 2);
    for (const { step, setUp, each } of many.stages)
      expect(Math.abs(step.minutes.usual - setUp - 20 * each)).toBeLessThanOrEqual(0.25);
  });

  it('takes each card from wet ink to the heat tool before the next', () => {
    const stage = must(batchOf(3).stages.find(({ steps }) => steps.length > 1));
    expect(stage.steps.map(({ kind }) => kind)).toEqual(['stamp', 'powder', 'heat']);
  });

  it('has the first card dry while the others are worked on', () => {
    const waitAt = (copies: number) => {
      const { arrows, stages } = batchOf(copies);
      const byId = new Map(stages.map(({ step }) => [step.id, step]));
      return arrows.reduce(
        (sum, arrow) => sum + lagOf(arrow, must(byId.get(arrow.before))).usual,
        0,
      );
    };
    expect(waitAt(30)).toBeLessThan(waitAt(2));
  });
});
