import { describe, expect, it } from 'vitest';
import { newStep } from './newStep';
import { mayBeAhead, readySteps } from './readySteps';
import type { Step } from './step';

const on = (support: string) => ({ face: 'front', support }) as Step['on'];
const cut = newStep('cut', 'chalk', { pieces: ['panel', 'base'] });
const mask = newStep('cut-mask', 'A', { pieces: ['boat'] });
const lay = newStep('mask', 'boat', { on: on('panel') });
const blend = newStep('blend', 'sky', { on: on('panel') });
const words = newStep('stamp', 'greeting', { on: on('base') });
const glue = newStep('glue', 'panel', { on: on('base') });
const steps = [cut, mask, lay, blend, words, glue];
const arrow = (before: Step, then: Step) => ({ before: before.id, then: then.id });
const arrows = [
  ...[arrow(cut, lay), arrow(mask, lay), arrow(lay, blend), arrow(cut, words)],
  ...[arrow(blend, glue), arrow(words, glue)],
];
const ready = (...ahead: readonly (readonly [Step, number])[]) =>
  Object.fromEntries(
    readySteps(
      steps,
      arrows,
      ahead.map(([{ id }, count]) => ({ step: id, count })),
    ),
  );

describe('what is made ahead', () => {
  it('has done what came before on its own paper, and the masks that were laid on', () => {
    expect(ready([blend, 6])).toEqual({ [blend.id]: 6, [lay.id]: 6, [mask.id]: 6 });
  });

  it('has cut a stock only where all pieces of it are there, as many as there are of the fewest', () => {
    expect(ready([blend, 6], [words, 4])).toMatchObject({ [cut.id]: 4, [words.id]: 4 });
    expect(ready([words, 4])).toEqual({ [words.id]: 4 });
  });

  it('counts the most that is told of a step, directly or by a later one', () => {
    expect(ready([lay, 9], [blend, 6])).toMatchObject({ [lay.id]: 9, [blend.id]: 6, [mask.id]: 9 });
  });

  it('knows nothing of steps there are no more', () => {
    expect(readySteps(steps, arrows, [{ step: 'blend:dawn', count: 3 }]).size).toBe(0);
  });

  it('is of papers that are not stuck to one another yet', () => {
    expect(steps.filter(mayBeAhead).map(({ kind }) => kind)).toEqual([
      ...['cut', 'mask', 'blend', 'stamp'],
    ]);
  });
});
