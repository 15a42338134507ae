import { describe, expect, it } from 'vitest';
import {
  afterRemedy,
  allFindings,
  firstFinding,
  sizeRemedies,
} from '../../../../test/support/findings';
import { measure, pieceOn, planOf, reveal, typed } from '../../../../test/support/plans';
import { inches, millimetres } from '../../length/length';
import { defaultHabits } from '../../plan/habits';

const plan = planOf([pieceOn('front', 'a', measure('3 29/32', '5 5/32'))]);

describe('off the trimmer’s marks', () => {
  it('offers the marks below and above with the border each gives', () => {
    const finding = firstFinding(plan);
    expect(finding.data).toMatchObject({ rule: 'off-trimmer-marks', off: ['width', 'height'] });
    expect(
      sizeRemedies(finding).map(({ size, reveals }) => [size.width, size.height, reveals.left]),
    ).toEqual([
      [inches(3, 14, 16), inches(5, 2, 16), inches(0, 3, 16)],
      [inches(3, 15, 16), inches(5, 3, 16), inches(0, 5, 32)],
    ]);
    for (const index of [0, 1]) expect(allFindings(afterRemedy(plan, finding, index))).toEqual([]);
  });

  it('leaves borders be that merely result', () => {
    expect(allFindings(planOf([pieceOn('front', 'a', measure('4 1/16', '5 5/16'))]))).toEqual([]);
  });

  it('takes a size on any of several scales as on the marks', () => {
    const habits = { ...defaultHabits('in'), trimmerMarks: [typed('1/16'), typed('1 mm')] };
    const both = { ...planOf([pieceOn('front', 'a', reveal('1 mm'))]), habits };
    const found = allFindings(both).map(({ data }) => data.rule);
    expect(found).toEqual(['off-trimmer-marks']);
    const metric = planOf([pieceOn('front', 'a', measure('100 mm', '131.75 mm'))]);
    expect(firstFinding({ ...metric, habits }).data).toMatchObject({ off: ['height'] });
  });

  it('never offers a mark that would stick out', () => {
    const tight = planOf([pieceOn('front', 'a', measure('105 mm', '148 mm'))], {
      format: {
        kind: 'custom',
        size: { width: typed('105 mm'), height: typed('148 mm') },
      },
    });
    const finding = allFindings(tight).find(({ subject }) => subject.kind === 'piece');
    expect(finding?.remedies.map(({ id }) => id)).toEqual(['mark-below']);
  });

  it('lets a side of the blank be that is the whole side of a sheet', () => {
    const format = { kind: 'named', id: 'a6', stand: 'upright' } as const;
    const onBase = allFindings(planOf([], { format, fold: 'tent' }));
    expect(onBase.map(({ data }) => data)).toMatchObject([
      { rule: 'off-trimmer-marks', off: ['width'], size: { height: millimetres(297) } },
    ]);
    expect(allFindings(planOf([], { format, fold: 'tent', unit: 'mm' }))).toEqual([]);
  });
});
