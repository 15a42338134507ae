import { describe, expect, it } from 'vitest';
import {
  chalk,
  fiveLayers,
  library,
  measure,
  pieceOn,
  planOf,
  reveal,
  typed,
} from '../../../test/support/plans';
import { computeCard, rules } from '../computeCard';
import { inches, millimetres } from '../length/length';
import { applyEdit } from '../plan/applyEdit';
import { defaultHabits } from '../plan/habits';
import type { Plan } from '../plan/plan';
import { ruleIds } from '../plan/rules';
import type { Finding } from './finding';

const findingsOf = (plan: Plan) => computeCard(plan, library).findings;
const first = (plan: Plan): Finding => {
  const [found] = findingsOf(plan);
  if (!found) throw new Error('first: nothing was found');
  return found;
};
const afterRemedy = (plan: Plan, finding: Finding, index: number): Plan => {
  const remedy = finding.remedies[index];
  const outcome = remedy && applyEdit(plan, remedy.edit);
  if (!outcome?.ok) throw new Error('afterRemedy: the remedy does not apply');
  return outcome.plan;
};
/** A slimline panel of the wider school's figures on the 3 1/2 base. */
const slimline = planOf([pieceOn('front', 'panel', measure('3 1/4', '7 3/4'))], {
  format: { kind: 'named', id: 'slimline', stand: 'upright' },
});

describe('the rules', () => {
  it('are each listed once', () => {
    expect(rules.map(({ id }) => id)).toEqual([...ruleIds]);
  });

  it('find nothing on the five-layer A2', () => {
    expect(findingsOf(fiveLayers())).toEqual([]);
  });

  it('rest when a habit switches them off or the designer leaves a finding so', () => {
    const off: Plan = {
      ...slimline,
      habits: { ...slimline.habits, rulesOff: ['unequal-borders'] },
    };
    expect(findingsOf(off)).toEqual([]);
    const { data, pieceId } = first(slimline);
    const left = applyEdit(slimline, {
      kind: 'accept-finding',
      finding: { rule: data.rule, pieceId: pieceId ?? null },
      accepted: true,
    });
    expect(left.ok && findingsOf(left.plan)).toEqual([]);
  });

  it('tell what stops the card first', () => {
    const plan = planOf([
      pieceOn('front', 'uneven', measure('4', '5')),
      pieceOn('front', 'large', measure('5', '5')),
    ]);
    expect(findingsOf(plan).map(({ severity }) => severity)).toEqual(['stop', 'look']);
  });
});

describe('unequal borders', () => {
  // Common practice: on 3 1/2 x 8 1/2 the panel shows 1/8 at the sides and 3/8 at the ends.
  it('says both figures, and the two sizes that even them', () => {
    const finding = first(slimline);
    expect(finding.data).toMatchObject({
      rule: 'unequal-borders',
      reveals: { left: inches(0, 1, 8), top: inches(0, 3, 8) },
    });
    expect(finding.remedies.map(({ size }) => size)).toEqual([
      { width: inches(3, 1, 4), height: inches(8, 1, 4) },
      { width: inches(2, 3, 4), height: inches(7, 3, 4) },
    ]);
  });

  it.each([0, 1])('is mended by either remedy (%i), which keeps the border as a rule', (index) => {
    const mended = afterRemedy(slimline, first(slimline), index);
    expect(findingsOf(mended)).toEqual([]);
    expect(mended.pieces[0]?.size.by).toBe('reveal');
  });

  it('lets borders be that were given side by side, or measured from an edge', () => {
    const format = { kind: 'named', id: 'slimline', stand: 'upright' } as const;
    const [eighth, ends] = [typed('1/8'), typed('3/8')];
    const sides = { by: 'sides', left: eighth, right: eighth, top: ends, bottom: ends } as const;
    expect(findingsOf(planOf([pieceOn('front', 'a', sides)], { format }))).toEqual([]);
    const place = { x: { from: 'left', distance: eighth }, y: { from: 'centre' } } as const;
    const placed = pieceOn('front', 'a', measure('1', '6'), place);
    expect(findingsOf(planOf([placed], { format }))).toEqual([]);
  });
});

describe('larger than what it lies on', () => {
  it('says which sides stick out and by how much, and is mended', () => {
    const plan = planOf([pieceOn('front', 'a', measure('4 1/2', '5'))]);
    const finding = first(plan);
    expect(finding).toMatchObject({
      severity: 'stop',
      data: {
        rule: 'larger-than-support',
        over: [
          { side: 'left', by: inches(0, 1, 8) },
          { side: 'right', by: inches(0, 1, 8) },
        ],
      },
    });
    expect(findingsOf(afterRemedy(plan, finding, 0))).toEqual([]);
  });

  it('takes a piece of the same size as not sticking out', () => {
    expect(findingsOf(planOf([pieceOn('front', 'a', measure('4 1/4', '5 1/2'))]))).toEqual([]);
  });
});

describe('off the trimmer’s marks', () => {
  const plan = planOf([pieceOn('front', 'a', measure('3 29/32', '5 5/32'))]);

  it('offers the marks below and above with the border each gives', () => {
    const finding = first(plan);
    expect(finding.data).toMatchObject({ rule: 'off-trimmer-marks', off: ['width', 'height'] });
    expect(
      finding.remedies.map(({ size, reveals }) => [size?.width, size?.height, reveals?.left]),
    ).toEqual([
      [inches(3, 14, 16), inches(5, 2, 16), inches(0, 3, 16)],
      [inches(3, 15, 16), inches(5, 3, 16), inches(0, 5, 32)],
    ]);
    for (const index of [0, 1]) expect(findingsOf(afterRemedy(plan, finding, index))).toEqual([]);
  });

  it('leaves borders be that merely result', () => {
    expect(findingsOf(planOf([pieceOn('front', 'a', measure('4 1/16', '5 5/16'))]))).toEqual([]);
  });

  it('takes a size on any of several scales as on the marks', () => {
    const habits = { ...defaultHabits('in'), trimmerMarks: [typed('1/16'), typed('1 mm')] };
    const both = { ...planOf([pieceOn('front', 'a', reveal('1 mm'))]), habits };
    const found = findingsOf(both).map(({ data }) => data.rule);
    expect(found).toEqual(['off-trimmer-marks']);
    const metric = planOf([pieceOn('front', 'a', measure('100 mm', '131.75 mm'))]);
    expect(first({ ...metric, habits }).data).toMatchObject({ off: ['height'] });
  });

  it('never offers a mark that would stick out', () => {
    const tight = planOf([pieceOn('front', 'a', measure('105 mm', '148 mm'))], {
      format: {
        kind: 'custom',
        size: { width: typed('105 mm'), height: typed('148 mm') },
      },
    });
    const finding = findingsOf(tight).find(({ pieceId }) => pieceId !== undefined);
    expect(finding?.remedies.map(({ id }) => id)).toEqual(['mark-below']);
  });

  it('lets a side of the blank be that is the whole side of a sheet', () => {
    const format = { kind: 'named', id: 'a6', stand: 'upright' } as const;
    const onBase = findingsOf(planOf([], { format, fold: 'tent' }));
    expect(onBase.map(({ data }) => data)).toMatchObject([
      { rule: 'off-trimmer-marks', off: ['width'], size: { height: millimetres(297) } },
    ]);
    expect(findingsOf(planOf([], { format, fold: 'tent', unit: 'mm' }))).toEqual([]);
  });
});

describe('what cannot be resolved', () => {
  it('is one finding for a cause, and none for what merely lies on it', () => {
    const plan = planOf([
      pieceOn('a', 'a', reveal('1/8')),
      pieceOn('a', 'b', reveal('1/8')),
      pieceOn('front', 'c', reveal('3')),
    ]);
    const found = findingsOf(plan).map(({ data, name }) => `${name} ${data.rule}`);
    expect(found).toEqual(['a impossible-piece', 'c impossible-piece']);
    const mended = afterRemedy(plan, first(plan), 0);
    expect(findingsOf(mended).map(({ name }) => name)).toEqual(['c']);
  });

  it('names a stock the stash does not hold', () => {
    const piece = { ...pieceOn('front', 'a', reveal('1/8')), stock: { ...chalk, version: 9 } };
    expect(first(planOf([piece])).data).toEqual({ rule: 'missing-stock', libraryId: 'chalk' });
  });
});
