import { describe, expect, it } from 'vitest';
import reference from '../../../test/reference/paper-weights.json';
import { gramsOfPounds, poundsOfGrams, weightBases, type WeightBasis } from './paperWeight';

/** The grades of the reference by the first of their names. */
const basisOf = (grade: string) => {
  const name = grade.split('/')[0];
  const basis = weightBases.find((each) => each === name);
  if (!basis) throw new Error(`no basis ${grade}`);
  return basis;
};

// test/reference/paper-weights.json: derived from the definitions of pound and inch (1959); basic sheets
// as in TAPPI and ASTM trade usage.
describe('basis weights', () => {
  it.each(reference.examples)('$lb lb $grade is $gsm g/m²', ({ grade, lb, gsm }) => {
    expect(gramsOfPounds(lb, basisOf(grade))).toBeCloseTo(gsm, 3);
  });

  it.each(Object.entries(reference.factors))('%s has its factor, both ways', (grade, factor) => {
    const basis: WeightBasis = basisOf(grade);
    expect(gramsOfPounds(1, basis)).toBeCloseTo(factor.gsmPerLb, 5);
    expect(poundsOfGrams(1, basis)).toBeCloseTo(factor.lbPerGsm, 5);
  });

  it('rounds to what a label says', () => {
    expect([65, 80, 110].map((lb) => Math.round(gramsOfPounds(lb, 'cover')))).toEqual([
      176, 216, 297,
    ]);
  });
});
