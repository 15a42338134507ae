import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import { processOf } from '../../../test/support/process';
import { resolvePlan } from '../resolve/resolvePlan';
import { tableAt } from './tableAt';

const { plan, library } = must(demoCards.find(({ id }) => id === 'mooring-by-lamplight'));
const card = resolvePlan(plan, library);
const process = processOf(plan, library);

/** What is drawn on the paper of a step right before it, as text. */
function before(id: string): string {
  const at = process.steps.findIndex((step) => step.id.startsWith(id));
  const table = tableAt(card, process, at, must(process.steps[at]));
  if (table.kind !== 'paper') throw new Error(`${id} works on no paper`);
  return JSON.stringify(table.picture.done);
}

const stepOf = (id: string) => must(process.steps.find((step) => step.id.startsWith(id)));
const ink = must(stepOf('stamp:greeting').colour);
const powder = must(stepOf('powder:greeting').colour);

describe('what lies on the table', () => {
  it('is a print in its ink alone until powder lies on it', () => {
    expect(ink).not.toBe(powder);
    expect(before('powder:greeting')).toContain(ink);
    expect(before('powder:greeting')).not.toContain(powder);
    expect(before('heat')).toContain(powder);
    expect(before('heat')).not.toContain(ink);
  });

  it('is the bare paper before the first print', () => {
    expect(before('anti-static')).toBe('[]');
  });

  it('is what is put together so far, once papers are glued', () => {
    const at = process.steps.findIndex(({ id }) => id.startsWith('glue:buoy-mat'));
    const table = tableAt(card, process, at, must(process.steps[at]));
    if (table.kind !== 'built') throw new Error('the base is not on the table');
    expect(table.pieces.map(({ id }) => id)).toEqual(['base']);
  });
});
