import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import { processOf } from '../../../test/support/process';
import { resolvePlan } from '../resolve/resolvePlan';
import { makingSteps, makingTime, writeStepsCsv } from './makingSteps';
import { clockAt, dayAt, minutesWords } from './timeWords';

const { plan, library } = must(demoCards.find(({ id }) => id === 'mooring-by-lamplight'));
const process = processOf(plan, library);
const rows = makingSteps(process, resolvePlan(plan, library));

describe('how a card is made, in words', () => {
  it('tells each step by itself, with its time, its waits, and each caution where it comes first', () => {
    expect(rows).toHaveLength(process.steps.length);
    expect(new Set(rows.map(({ what }) => what)).size).toBe(rows.length);
    const cautions = rows.flatMap((row) => row.cautions);
    expect(cautions.length).toBeGreaterThan(2);
    expect(new Set(cautions).size).toBe(cautions.length);
    const blend = must(rows.find(({ step }) => step.kind === 'blend'));
    const [, first] = /^dry for 4 h before step (\d+)$/.exec(blend.wait ?? '') ?? [];
    expect(must(rows[Number(first) - 1]).step.kind).toBe('glue');
    expect(makingTime(process)).toMatch(/^1 h 0\d at work, from \d+½? min to 1 h \d\d/);
  });

  it('is written as CSV, a line for each', () => {
    const lines = writeStepsCsv(rows).trimEnd().split('\r\n');
    expect(lines).toHaveLength(rows.length + 1);
    expect(lines[0]?.replace('\ufeff', '')).toBe(
      'step,what,with,place,"minutes, quick",minutes,"minutes, slow","drying, minutes",wait,caution',
    );
  });
});

describe('times in words', () => {
  it('are as one says them', () => {
    expect([0.5, 1, 1.5, 59, 60, 80, 125].map(minutesWords)).toEqual([
      '½ min',
      '1 min',
      '1½ min',
      '59 min',
      '1 h',
      '1 h 20',
      '2 h 05',
    ]);
    const moment = Date.parse('2027-03-08T23:30Z');
    expect([clockAt(moment, 'UTC'), dayAt(moment, 'UTC')]).toEqual(['23:30', 'Monday 8 March']);
    expect([clockAt(moment, 'Europe/Berlin'), dayAt(moment, 'Europe/Berlin')]).toEqual([
      '00:30',
      'Tuesday 9 March',
    ]);
  });
});
