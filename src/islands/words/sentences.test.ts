import { describe, expect, it } from 'vitest';
import {
  fiveLayers,
  library,
  measure,
  pieceOn,
  planOf,
  reveal,
  typed,
} from '../../../test/support/plans';
import { computeCard } from '../../core/computeCard';
import type { Unit } from '../../core/length/length';
import { lengthIssueCodes } from '../../core/length/lengthIssue';
import type { Piece } from '../../core/plan/piece';
import { dayWords } from './dayWords';
import { findingSentence, remedySentence } from './findingSentence';
import { lengthIssueSentence } from './lengthIssueSentence';
import { sizeOriginSentence } from './originSentence';

const why = (piece: Piece, unit: Unit = 'in') => {
  const { card } = computeCard(planOf([piece]), library);
  const found = card.pieces[0];
  return found && sizeOriginSentence(found.origins, found.rect, card, unit);
};
const found = (pieces: readonly Piece[], unit: Unit = 'in') =>
  computeCard(planOf(pieces), library).findings.map((finding) => ({
    says: findingSentence(finding, unit),
    offers: finding.remedies.map((remedy) => remedySentence(remedy, unit)),
  }));

describe('why a figure is what it is', () => {
  it('is said in one sentence where one reason holds for both sides', () => {
    expect(why(pieceOn('front', 'a', reveal('1/16')))).toBe(
      'A is 4 1⁄4 × 5 1⁄2, less 1⁄16 on each side.',
    );
    expect(why(pieceOn('front', 'a', { by: 'step', overall: typed('1/2') }))).toBe(
      'A is 4 1⁄4 × 5 1⁄2, less 1⁄2 overall.',
    );
    expect(why(pieceOn('front', 'a', measure('4', '5')))).toBe('Typed as 4 × 5.');
  });

  it('names each side where they differ, and rounds with the about sign', () => {
    const sides = { left: typed('1/8'), right: typed('1/4'), top: typed('1'), bottom: typed('1') };
    expect(why(pieceOn('front', 'a', { by: 'sides', ...sides }))).toBe(
      'A is 4 1⁄4 wide, less 1⁄8 left and 1⁄4 right. A is 5 1⁄2 high, less 1 on each side.',
    );
    expect(why(pieceOn('front', 'a', measure('4', '5')), 'mm')).toBe('Typed as 101.6 × 127.');
  });
});

describe('findings', () => {
  it('say both figures and what each remedy gives', () => {
    expect(found([pieceOn('front', 'Panel', measure('4', '5'))])).toEqual([
      {
        says: 'Panel B: the border on A is 1⁄8 at the sides, 1⁄4 at top and bottom.',
        offers: ['Cut 4 × 5 1⁄4, border 1⁄8', 'Cut 3 3⁄4 × 5, border 1⁄4'],
      },
    ]);
    expect(found([pieceOn('front', 'Panel', measure('4 1/2', '5'))])[0]?.says).toBe(
      'Panel B sticks out over A by 1⁄8 on the left, 1⁄8 on the right.',
    );
    expect(found([pieceOn('front', 'Panel', measure('3 29/32', '5 5/32'))])[0]?.says).toBe(
      'Panel B, 3 29⁄32 × 5 5⁄32: both sides are between the trimmer’s marks (1⁄16 in).',
    );
  });

  it('say why a piece has no figures, and how to mend it', () => {
    expect(found([pieceOn('front', 'Panel', reveal('3'))])[0]?.says).toBe(
      'Panel comes out with no width: its border takes 1 3⁄4 more than there is. Make the border smaller.',
    );
    expect(found([pieceOn('Panel', 'Panel', reveal('1'))])[0]?.says).toContain('lies on itself');
    expect(found([pieceOn('gone', 'Panel', reveal('1'))])[0]?.says).toContain('no longer there');
  });

  it('say nothing of the five-layer A2', () => {
    expect(computeCard(fiveLayers(), library).findings).toEqual([]);
  });
});

describe('a refused figure', () => {
  it.each(lengthIssueCodes)('has a sentence of what is wrong and how to mend it: %s', (code) => {
    const sentence = lengthIssueSentence({ code, at: 0, to: 3 }, '4 q');
    expect(sentence).toMatch(/^.{20,}\.$/);
    expect(sentence).not.toContain('undefined');
  });
});

describe('days', () => {
  it('are said with their month', () => {
    expect(dayWords('2027-03-12')).toBe('12 March 2027');
  });
});
