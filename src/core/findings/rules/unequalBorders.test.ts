import { describe, expect, it } from 'vitest';
import {
  afterRemedy,
  allFindings,
  findingNames,
  firstFinding,
  sizeRemedies,
} from '../../../../test/support/findings';
import { centred } from '../../plan/pieces';
import { coves, measure, pieceOn, planOf, reveal, typed } from '../../../../test/support/plans';
import { inches } from '../../length/length';
import { papersOf } from '../../plan/pieces';

/** A slimline panel of the wider school's figures on the 3 1/2 base. */
const slimline = planOf([pieceOn('front', 'panel', measure('3 1/4', '7 3/4'))], {
  format: { kind: 'named', id: 'slimline', stand: 'upright' },
});

describe('unequal borders', () => {
  // Common practice: on 3 1/2 x 8 1/2 the panel shows 1/8 at the sides and 3/8 at the ends.
  it('says both figures, and the two sizes that even them', () => {
    const finding = firstFinding(slimline);
    expect(finding.data).toMatchObject({
      rule: 'unequal-borders',
      reveals: { left: inches(0, 1, 8), top: inches(0, 3, 8) },
    });
    expect(sizeRemedies(finding).map(({ size }) => size)).toEqual([
      { width: inches(3, 1, 4), height: inches(8, 1, 4) },
      { width: inches(2, 3, 4), height: inches(7, 3, 4) },
    ]);
  });

  it.each([0, 1])('is mended by either remedy (%i), which keeps the border as a rule', (index) => {
    const mended = afterRemedy(slimline, firstFinding(slimline), index);
    expect(allFindings(mended)).toEqual([]);
    expect(papersOf(mended)[0]?.size.by).toBe('reveal');
  });

  it('takes what shows between pieces side by side for no border', () => {
    const two = ['left', 'right'].map((name) => pieceOn('front', name, measure('1', '2')));
    expect(findingNames(planOf(two)).filter((name) => name.endsWith('unequal-borders'))).toEqual(
      [],
    );
  });

  it('lets borders be that were given side by side, or measured from an edge', () => {
    const format = { kind: 'named', id: 'slimline', stand: 'upright' } as const;
    const [eighth, ends] = [typed('1/8'), typed('3/8')];
    const sides = { by: 'sides', left: eighth, right: eighth, top: ends, bottom: ends } as const;
    expect(allFindings(planOf([pieceOn('front', 'a', sides)], { format }))).toEqual([]);
    const place = { x: { from: 'left', distance: eighth }, y: { from: 'centre' } } as const;
    const placed = pieceOn('front', 'a', measure('1', '6'), place);
    expect(allFindings(planOf([placed], { format }))).toEqual([]);
  });

  it('takes what a die cuts, and a small piece in the middle of a large one, for no layer with borders', () => {
    const die = { by: 'die', set: coves, step: 2, turned: false } as const;
    for (const piece of [
      pieceOn('panel', 'label', die),
      pieceOn('panel', 'label', measure('1', '2')),
    ])
      expect(findingNames(planOf([pieceOn('front', 'panel', reveal('1/8')), piece]))).not.toContain(
        'label unequal-borders',
      );
  });

  it('is told of a piece that lies turned as it lies', () => {
    const turned = pieceOn('front', 'panel', measure('3 3/4', '4'), {
      place: { ...centred, turn: 90 },
    });
    const finding = firstFinding(planOf([turned]));
    expect(finding.data).toMatchObject({
      rule: 'unequal-borders',
      reveals: { left: inches(0, 1, 8), top: inches(0, 7, 8) },
    });
  });
});
