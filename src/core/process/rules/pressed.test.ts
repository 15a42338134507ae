import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../../test/support/demoCards';
import { must } from '../../../../test/support/must';
import { processOf } from '../../../../test/support/process';
import type { Step } from '../step';

const processes = demoCards.map(({ id, plan, library }) => ({ id, ...processOf(plan, library) }));
const placesOf = (steps: readonly Step[], is: (step: Step) => boolean) =>
  steps.flatMap((step, at) => (is(step) ? [at] : []));

describe('a card with papers on liquid glue', () => {
  const glued = processes.filter(({ steps }) =>
    steps.some(({ kind, medium }) => kind === 'glue' && medium === 'liquid'),
  );

  it('is pressed once, when all of them are on', () => {
    expect(glued.length).toBeGreaterThan(2);
    for (const { steps } of glued) {
      const [press, ...more] = placesOf(steps, ({ kind }) => kind === 'press');
      expect(more).toEqual([]);
      const last = Math.max(
        ...placesOf(steps, ({ kind, medium }) => kind === 'glue' && medium === 'liquid'),
      );
      expect(must(press)).toBeGreaterThan(last);
    }
  });

  it('has gems and drops set on it afterwards', () => {
    const decorated = glued.filter(({ steps }) =>
      steps.some(({ kind }) => kind === 'stick' || kind === 'drops'),
    );
    expect(decorated.length).toBeGreaterThan(0);
    for (const { steps } of decorated) {
      const press = must(placesOf(steps, ({ kind }) => kind === 'press')[0]);
      const set = placesOf(steps, ({ kind }) => kind === 'stick' || kind === 'drops');
      expect(Math.min(...set)).toBeGreaterThan(press);
    }
  });
});

describe('a card without', () => {
  it('is not pressed, as foam would be squashed and tape holds at once', () => {
    const others = processes.filter(({ steps }) =>
      steps.every(({ kind, medium }) => kind !== 'glue' || medium !== 'liquid'),
    );
    expect(others.length).toBeGreaterThan(2);
    for (const { steps } of others) expect(steps.some(({ kind }) => kind === 'press')).toBe(false);
  });
});
