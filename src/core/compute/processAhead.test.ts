import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import { monday, processOf, workOf } from '../../../test/support/process';
import type { Plan } from '../plan/plan';
import { withCopies } from '../plan/withCopies';
import type { WorkTime } from '../process/processPlan';
import type { Step } from '../process/step';
import { tableAt } from '../process/tableAt';
import { resolvePlan } from '../resolve/resolvePlan';
import { maskCard } from '../masking/maskCard';
import { stampOf } from '../masking/stampKey';

const cardOf = (id: string) => must(demoCards.find((each) => each.id === id));
const mooring = cardOf('mooring-by-lamplight');
const garden = cardOf('beans-before-the-shed');
const kinds = (steps: readonly Step[]) => new Set(steps.map(({ kind }) => kind));
const ids = (steps: readonly Pick<Step, 'id'>[]) => steps.map(({ id }) => id);

const wiped = 'wipe:water-panel';
const ahead = (count: number): WorkTime => ({
  ...monday,
  ahead: [{ step: wiped, name: 'Wipe', count }],
});

describe('steps of what is made ahead', () => {
  it('fall away with all that was done before on the same paper', () => {
    const made = processOf(mooring.plan, mooring.library, ahead(1));
    expect([...kinds(made.fallen)].toSorted()).toEqual(
      ['anti-static', 'blend', 'clean', 'cut', 'heat', 'powder', 'stamp', 'wipe'].toSorted(),
    );
    // The brushes stay clean where nothing is blended; the stamps of other papers are still to be cleaned.
    expect(ids(made.fallen)).toContain('clean:brushes');
    expect(ids(made.steps)).toContain('clean:stamps');
    const usual = processOf(mooring.plan, mooring.library);
    expect(ids(made.steps).every((id) => ids(usual.steps).includes(id))).toBe(true);
    expect(workOf(made).end).toBeLessThan(workOf(usual).end);
  });

  it('wait for nothing that has fallen away', () => {
    const made = processOf(mooring.plan, mooring.library, ahead(1));
    const known = new Set(ids(made.steps));
    expect(made.arrows.every(({ before, then }) => known.has(before) && known.has(then))).toBe(
      true,
    );
    expect(made.whole.steps.length).toBe(made.steps.length + made.fallen.length);
    expect(made.contradictions).toEqual([]);
  });

  it('stay for whoever makes it from the sheet', () => {
    const made = processOf(mooring.plan, mooring.library, ahead(1));
    const usual = processOf(mooring.plan, mooring.library);
    expect(ids(made.whole.steps).toSorted()).toEqual(ids(usual.steps).toSorted());
    expect(ids(usual.whole.steps)).toEqual(ids(usual.steps));
  });

  it('are seen on the paper from the start', () => {
    const made = processOf(mooring.plan, mooring.library, ahead(1));
    const card = resolvePlan(mooring.plan, mooring.library);
    const at = made.steps.findIndex(({ id }) => id.startsWith('stamp:boat'));
    const table = tableAt(card, made, at, must(made.steps[at]));
    if (table.kind !== 'paper') throw new Error('the panel is not on the table');
    const before = tableAt(card, { ...made, fallen: [] }, at, must(made.steps[at]));
    expect(table).not.toEqual(before);
  });

  it('are left out of the stages for as many copies as there are', () => {
    const plan = withCopies(mooring.plan, 10);
    const [some, none] = [ahead(4), monday].map((time) =>
      must(processOf(plan, mooring.library, time).batch).stages.find(({ steps }) =>
        steps.some(({ id }) => id.startsWith('blend')),
      ),
    );
    expect([must(some).ready, must(none).ready]).toEqual([4, 0]);
    const { setUp, each, step } = must(some);
    expect(Math.abs(step.minutes.usual - setUp - 6 * each)).toBeLessThanOrEqual(0.25);
    expect(step.minutes.usual).toBeLessThan(must(none).step.minutes.usual);
  });

  it('lose nothing that was decided of them', () => {
    const plan: Plan = {
      ...mooring.plan,
      overrides: [{ kind: 'reword', step: 'blend:dusk:chalk', words: 'Blend the dusk slowly' }],
    };
    const made = processOf(plan, mooring.library, ahead(1));
    expect(made.lost).toEqual([]);
    expect(processOf(plan, mooring.library).steps.map(({ words }) => words)).toContain(
      'Blend the dusk slowly',
    );
  });
});

describe('masks', () => {
  const masks = maskCard(garden.plan, resolvePlan(garden.plan, garden.library)).masks;
  const kept = (usesLeft: number): WorkTime => ({
    ...monday,
    kept: {
      cardId: 'another',
      holdings: masks.flatMap(({ covers: [{ print, mask }] }) =>
        print.stamp === undefined || mask.isPartial
          ? []
          : [
              {
                itemId: must(stampOf(print)),
                ...{ sheets: [], leftovers: [], count: null, price: null, isGone: false },
                masks: [{ covers: print.stamp, usesLeft, cardId: 'other' }],
              },
            ],
      ),
    },
  });
  const cut = (time: WorkTime) =>
    ids(processOf(garden.plan, garden.library, time).steps).filter((id) =>
      id.startsWith('cut-mask'),
    );

  it('that are kept with their stamps are not cut again', () => {
    expect(cut(monday)).toEqual(['cut-mask:A', 'cut-mask:B']);
    expect(cut(kept(500)).length).toBeLessThan(2);
    expect(cut(kept(1))).toEqual(cut(monday));
  });

  it('are cut as often as they wear out, not for each copy', () => {
    const minutes = (copies: number) =>
      must(
        processOf(withCopies(garden.plan, copies), garden.library).batch?.stages.find(
          ({ step }) => step.id === 'cut-mask:A',
        ),
      ).step.minutes.usual;
    const { maskUses } = garden.plan.habits;
    expect(minutes(maskUses)).toBe(minutes(2));
    expect(minutes(maskUses + 1)).toBe(2 * minutes(2));
  });
});
