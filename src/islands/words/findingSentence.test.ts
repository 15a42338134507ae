import { describe, expect, it } from 'vitest';
import {
  chalk,
  coves,
  fiveLayers,
  library,
  measure,
  pieceOn,
  planOf,
  reveal,
  rowPaper,
  typed,
} from '../../../test/support/plans';
import { computeCard } from '../../core/compute/computeCard';
import type { Unit } from '../../core/length/length';
import type { PieceId } from '../../core/plan/ids';
import type { Piece } from '../../core/plan/piece';
import { findingSentence } from './findingSentence';
import { remedySentence } from './remedySentence';

const allRound = (text: string) => {
  const all = typed(text);
  return { left: all, top: all, right: all, bottom: all };
};

const found = (pieces: readonly Piece[], unit: Unit = 'in') =>
  computeCard(planOf(pieces), library).findings.map((finding) => ({
    says: findingSentence(finding, unit),
    offers: finding.remedies.map((remedy) => remedySentence(remedy, unit)),
  }));

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
    expect(found([pieceOn('Panel', 'Panel', reveal('1'))])[0]?.says).toContain(
      'takes its figures from itself',
    );
    expect(found([pieceOn('gone', 'Panel', reveal('1'))])[0]?.says).toContain('no longer there');
  });

  it('say of the five-layer A2 only what is easier cut', () => {
    expect(found(fiveLayers().pieces)).toEqual([
      {
        says: 'liner G, 3 11⁄16 × 4 15⁄16: easier in eighths as 3 5⁄8 × 4 7⁄8, its border 1⁄8 instead of 3⁄32.',
        offers: ['Use it'],
      },
    ]);
  });

  it('say where a panel no sheet gives is joined, and what else would do', () => {
    const tall = pieceOn('front', 'pad', measure('4', '7'), { stock: rowPaper });
    const band = pieceOn('pad', 'band', measure('3 3/4', '2'));
    const finding = found([tall, band]).find(({ says }) => says.includes('in one piece'));
    expect(finding?.says).toBe(
      'pad B, 4 × 7: no 6 × 6 pad of Bean row gives it in one piece. Make it of two, joined 3 1⁄2 from the top, hidden under C but for 1⁄4. Or cut it from Chalk 216 g.',
    );
    expect(finding?.offers).toContain('Take the other stock');
  });

  it('say what is off sale before the tutorial, and offer a newer version', () => {
    const of = (change: object, publishOn: string | null) => {
      const changed = library.map((item) => (item.id === chalk.id ? { ...item, ...change } : item));
      const plan = planOf([]);
      const about = { ...plan.about, publishOn };
      const from = [...library, ...changed.filter(({ version }) => version > 1)];
      return computeCard({ ...plan, about }, publishOn ? changed : from).findings.map((finding) => [
        findingSentence(finding, 'in'),
        ...finding.remedies.map((remedy) => remedySentence(remedy, 'in')),
      ]);
    };
    expect(of({ sale: { from: null, until: '2027-04-01' } }, '2027-05-02')).toEqual([
      [
        'Chalk 216 g is sold until 1 April 2027, and the tutorial comes on 2 May 2027. Say so in it, or take something else.',
      ],
    ]);
    expect(of({ version: 2 }, null)).toEqual([
      [
        'The stash has a newer version of Chalk 216 g than this card was made with.',
        'Take the newer one',
      ],
    ]);
  });

  it('have a sentence and a remedy’s words for every rule', () => {
    const outset = { by: 'outset', around: 'gone' as PieceId, ...allRound('1/8') } as const;
    const die = { by: 'die', set: { ...coves, version: 9 }, step: 0, turned: false } as const;
    const all = [
      pieceOn('front', 'thin', reveal('1/64')),
      pieceOn('thin', 'cover', reveal('0')),
      pieceOn('front', 'hole', reveal('1/4'), { cutOut: { rim: typed('1/2') } }),
      pieceOn('front', 'pad', measure('4', '7'), { stock: rowPaper }),
      pieceOn('front', 'same', reveal('1/8'), { stock: chalk }),
      pieceOn('front', 'unknown', reveal('1/8'), { stock: { ...chalk, version: 9 } }),
      pieceOn('front', 'round', outset),
      pieceOn('front', 'by die', die),
      pieceOn('inside', 'liner', measure('5', '3')),
    ];
    const said = found(all);
    const rules = computeCard(planOf(all), library).findings.map(({ data }) => data.rule);
    expect(new Set(rules).size).toBeGreaterThanOrEqual(9);
    for (const { says, offers } of said) {
      expect(says).toMatch(/^.{20,}[.]$/);
      expect(`${says}${offers.join()}`).not.toMatch(/undefined|NaN|Mend it/);
    }
  });
});
