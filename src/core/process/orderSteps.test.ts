import { describe, expect, it } from 'vitest';
import { seeded } from '../seeded';
import { costOfOrder } from './changes';
import { orderSteps } from './orderSteps';
import { noTime, type Step } from './step';

const step = (id: string, place: Step['place'], setup: Step['setup']): Step => ({
  ...{ id, kind: 'stamp', pieces: [], medium: '', things: [], on: undefined, place, setup },
  ...{ minutes: { quick: 1, usual: 1, slow: 1 }, drying: noTime, mayPause: false },
  ...{ cautions: [], act: undefined },
});

/** Steps at some places with some pads and brushes, and arrows from earlier to later ones. */
function randomSteps(seed: number, count: number, share: number) {
  const random = seeded(seed);
  const one = <Thing>(things: readonly Thing[]) =>
    things[Math.floor(random() * things.length)] as Thing;
  const steps = Array.from({ length: count }, (_, at) =>
    step(`s${at}`, one(['desk', 'desk', 'press', 'sink']), {
      ...(random() < 0.6 ? { pad: one(['red', 'blue', 'black']) } : {}),
      ...(random() < 0.3 ? { brush: one(['pale', 'dark']) } : {}),
    }),
  );
  const arrows = steps.flatMap((then, at) =>
    steps
      .slice(0, at)
      .filter(() => random() < share)
      .map((before) => ({ before: before.id, then: then.id })),
  );
  return { steps, arrows };
}

function isLawful(
  order: readonly Step[],
  arrows: readonly { readonly before: string; readonly then: string }[],
): boolean {
  const at = new Map(order.map(({ id }, place) => [id, place]));
  return arrows.every(({ before, then }) => (at.get(before) ?? 0) < (at.get(then) ?? 0));
}

function fewestChanges({ steps, arrows }: ReturnType<typeof randomSteps>): number {
  let fewest = Infinity;
  const go = (done: readonly Step[], left: readonly Step[]) => {
    if (left.length === 0) fewest = Math.min(fewest, costOfOrder(done));
    for (const next of left) {
      const isFree = arrows.every(
        ({ before, then }) => then !== next.id || done.some(({ id }) => id === before),
      );
      if (isFree)
        go(
          [...done, next],
          left.filter((each) => each !== next),
        );
    }
  };
  go([], steps);
  return fewest;
}

describe('the order with the fewest changes', () => {
  it.each(Array.from({ length: 40 }, (_, seed) => seed + 1))(
    'is as all lawful orders of up to eight steps tell, seed %i',
    (seed) => {
      const problem = randomSteps(seed, 4 + (seed % 5), 0.2);
      const order = orderSteps(problem.steps, problem.arrows);
      expect(isLawful(order.steps, problem.arrows)).toBe(true);
      expect(order.steps).toHaveLength(problem.steps.length);
      expect(order.isProven).toBe(true);
      expect([order.changes, order.bound]).toEqual([
        fewestChanges(problem),
        fewestChanges(problem),
      ]);
      expect(costOfOrder(order.steps)).toBe(order.changes);
    },
  );

  it.each([1, 2, 3, 4, 5, 6])(
    'is told with what none goes below where it is not looked for to the end, seed %i',
    (seed) => {
      const problem = randomSteps(seed, 20, 0.1);
      const quick = orderSteps(problem.steps, problem.arrows, 0);
      const best = orderSteps(problem.steps, problem.arrows);
      expect(isLawful(quick.steps, problem.arrows)).toBe(true);
      expect(best.isProven).toBe(true);
      expect(quick.changes).toBeGreaterThanOrEqual(best.changes);
      expect(quick.bound).toBeLessThanOrEqual(best.changes);
    },
  );

  it('of more steps than are told apart exactly is lawful all the same', () => {
    const problem = randomSteps(9, 70, 0.08);
    const order = orderSteps(problem.steps, problem.arrows);
    expect(isLawful(order.steps, problem.arrows)).toBe(true);
    expect(order.bound).toBeLessThanOrEqual(order.changes);
  });

  it('of nothing is nothing', () => {
    expect(orderSteps([], [])).toEqual({ steps: [], changes: 0, bound: 0, isProven: true });
  });
});
