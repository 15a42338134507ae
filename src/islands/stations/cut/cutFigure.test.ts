import { describe, expect, it } from 'vitest';
import type { CutPlan } from '../../../core/cutting/cutPlan';
import { cutFigure } from './cutFigure';

const plan = (copies: number): CutPlan => ({ copies, stocks: [], unknown: [], pending: [] });
const partial: CutPlan = { ...plan(1), pending: ['Oat 216 g'] };
type Input = Parameters<typeof cutFigure>[0];
const still: Input = {
  shown: undefined,
  planning: { kind: 'waiting' },
  lastWhole: undefined,
  isWaiting: false,
  isOutdated: false,
};

describe('the figure of the Cut tab', () => {
  it.each<[Partial<Input>, string, boolean]>([
    [{}, 'not planned', false],
    [{ planning: { kind: 'planning', plan: undefined } }, 'planning…', false],
    [{ shown: partial, planning: { kind: 'planning', plan: partial } }, 'planning…', false],
    [{ shown: plan(1), lastWhole: plan(1) }, '0 sheets', false],
    [{ shown: partial, planning: { kind: 'ended', plan: partial } }, '0 sheets and more', false],
  ])('never starts too low', (change, text, isOld) => {
    expect(cutFigure({ ...still, ...change })).toEqual({ text, isOld });
  });

  it('stays as it was, and pale, while the sheets are planned anew', () => {
    const before = { ...still, shown: plan(1), lastWhole: plan(1) };
    const planning = { kind: 'planning', plan: partial } as const;
    expect(cutFigure({ ...before, isWaiting: true })).toEqual({ text: '0 sheets', isOld: true });
    expect(cutFigure({ ...before, isOutdated: true })).toEqual({ text: '0 sheets', isOld: true });
    expect(cutFigure({ ...before, shown: partial, planning })).toEqual({
      text: '0 sheets',
      isOld: true,
    });
  });
});
