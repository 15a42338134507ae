import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import { monday } from '../../../test/support/process';
import type { Plan } from '../plan/plan';
import { withCopies } from '../plan/withCopies';
import { lagOf } from '../process/arrow';
import type { JointPlan } from '../process/planTogether';
import { makeTogether } from './makeTogether';

const cardOf = (id: string) => must(demoCards.find((each) => each.id === id));
const mooring = cardOf('mooring-by-lamplight');
const parcel = cardOf('parcel-on-the-step');

/** So often it is asked whether a search is over; the same wherever the tests run. */
const countdown = () => {
  let asked = 0;
  return () => (asked += 1) > 3000;
};

interface Wanted {
  readonly plan: Plan;
  readonly library: typeof mooring.library;
}
const together = (...cards: readonly Wanted[]) => makeTogether({ cards, time: monday }, countdown);
const six = { ...mooring, plan: withCopies(mooring.plan, 6) };
const four = { ...mooring, plan: withCopies(mooring.plan, 4) };

const minutesOf = ({ stages }: JointPlan) =>
  stages.reduce((sum, { step }) => sum + step.minutes.usual, 0);

describe('two cards made together', () => {
  it('get ready once for what is the same, and save just that', () => {
    const joint = together(six, four);
    const shared = joint.stages.filter(({ parts }) => parts.length > 1);
    expect(shared.length).toBeGreaterThan(5);
    for (const { parts } of shared)
      expect(parts.map(({ card }) => card).toSorted()).toEqual([0, 1]);
    const saved = joint.stages.reduce((sum, each) => sum + each.saved, 0);
    expect(saved).toBeGreaterThan(0);
    // Stages are told to the half minute.
    expect(Math.abs(joint.apart.minutes - joint.minutes - saved)).toBeLessThan(
      0.5 * joint.stages.length,
    );
    expect(minutesOf(joint)).toBe(joint.minutes);
  });

  it('do all of both', () => {
    const joint = together(six, parcel);
    const alone = [six, parcel].map((each) => together(each));
    const parts = joint.stages.flatMap((each) => each.parts);
    expect(parts.length).toBe(alone.flatMap(({ stages }) => stages).length);
    expect(new Set(parts.map(({ card, stage }) => `${card} ${stage.step.id}`)).size).toBe(
      parts.length,
    );
  });

  it('share only stages that do the same with the same thing', () => {
    for (const { parts } of together(six, parcel).stages) {
      const [first] = parts;
      for (const { stage } of parts) {
        const own = stage.steps.map(({ kind, setup }) => [kind, setup]);
        expect(own).toEqual(must(first).stage.steps.map(({ kind, setup }) => [kind, setup]));
      }
    }
  });

  it('keep every order of either, and what has to dry between', () => {
    const joint = together(six, four);
    const { work } = joint;
    if (!work.ok) throw new Error('no evenings');
    const at = new Map(work.plan.planned.map((each) => [each.step, each]));
    expect(at.size).toBe(joint.stages.length);
    const steps = new Map(joint.stages.map(({ step }) => [step.id, step]));
    for (const arrow of joint.arrows) {
      const [one, next] = [must(at.get(arrow.before)), must(at.get(arrow.then))];
      const wait = lagOf(arrow, must(steps.get(arrow.before))).usual;
      expect(next.start - one.end).toBeGreaterThanOrEqual(wait * 60_000 - 30_000);
    }
  });

  it('take no more evenings than one after the other', () => {
    const { work, apart, minutes } = together(six, four);
    expect(work.ok && work.plan.sessions.length).toBeLessThanOrEqual(must(apart.evenings));
    expect(minutes).toBeLessThan(apart.minutes);
  });
});

describe('one card by itself', () => {
  it('saves nothing', () => {
    const { stages, minutes, apart } = together(six);
    expect(stages.every(({ saved, parts }) => saved === 0 && parts.length === 1)).toBe(true);
    expect(minutes).toBe(apart.minutes);
  });
});
