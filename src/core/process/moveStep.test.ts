import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import { processOf } from '../../../test/support/process';
import { applyEdit } from '../plan/applyEdit';
import { batchEdits } from '../plan/batchEdits';
import type { Plan } from '../plan/plan';
import { resolvePlan } from '../resolve/resolvePlan';
import { decideStep, moveStep } from './moveStep';
import { tableAt } from './tableAt';

const { plan, library } = must(demoCards.find(({ id }) => id === 'mooring-by-lamplight'));

function moved(of: Plan, at: number, to: number): Plan {
  const edits = moveStep(processOf(of, library).steps, of.overrides, at, to);
  const outcome = applyEdit(of, batchEdits(edits));
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.plan;
}

describe('a step moved by hand', () => {
  const { steps } = processOf(plan, library);
  const isBefore = (of: Plan, one: string, two: string) => {
    const ids = processOf(of, library).steps.map(({ id }) => id);
    return ids.indexOf(one) < ids.indexOf(two);
  };

  it.each(Array.from({ length: steps.length - 1 }, (_, at) => at))(
    'number %i later by one comes after the next, and back before it',
    (at) => {
      const [one, next] = [must(steps[at]).id, must(steps[at + 1]).id];
      const later = moved(plan, at, at + 1);
      expect(isBefore(later, next, one)).toBe(true);
      const now = processOf(later, library).steps.findIndex(({ id }) => id === one);
      const before = processOf(later, library).steps.findIndex(({ id }) => id === next);
      const back = moved(later, now, before);
      expect(isBefore(back, one, next)).toBe(true);
      expect(processOf(back, library).contradictions).toEqual([]);
    },
  );

  it('to where it is changes nothing', () => {
    expect(moveStep(steps, [], 3, 3)).toEqual([]);
    expect(moveStep(steps, [], 0, -1)).toEqual([]);
  });

  it('is decided once, and let go again', () => {
    const step = must(steps[0]).id;
    const skip = { kind: 'skip', step } as const;
    expect(decideStep([], 'skip', step, skip)).toHaveLength(1);
    expect(decideStep([skip], 'skip', step, skip)).toHaveLength(2);
    expect(decideStep([skip], 'skip', step, null)).toEqual([
      { kind: 'remove', in: 'overrides', id: `skip ${step}` },
    ]);
  });
});

describe('what lies on the table', () => {
  const card = resolvePlan(plan, library);
  const process = processOf(plan, library);
  const at = (beginning: string) => {
    const index = process.steps.findIndex(({ id }) => id.startsWith(beginning));
    return tableAt(card, process, index, must(process.steps[index]));
  };

  it('is the paper, with what is on it by then', () => {
    const table = at('blend:dusk');
    if (table.kind !== 'paper') throw new Error('a blend is done on a paper');
    expect(table.picture.done).toHaveLength(1);
    const colouring = at('colour:boat');
    if (colouring.kind !== 'paper') throw new Error('an image is coloured on its paper');
    expect(colouring.picture.done).toHaveLength(3);
  });

  it('is what is built so far', () => {
    const ids = (beginning: string) => {
      const table = at(beginning);
      if (table.kind !== 'built') throw new Error('glue builds');
      return table.pieces.map(({ id }) => id);
    };
    expect(ids('glue:tower')).toEqual(['water-panel']);
    expect(ids('glue:water-panel')).toEqual(['buoy-mat']);
    expect(ids('glue:buoy-mat')).toEqual(['base']);
    expect(ids('drops:water-panel')).toContain('tower');
  });
});
