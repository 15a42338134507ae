import { describe, expect, it } from 'vitest';
import mail from '../../../../test/reference/mail.json';
import { schemeOf } from '../../../../test/support/mail';
import { must } from '../../../../test/support/must';
import { inches, millimetres, zeroLength, type Length } from '../../length/length';
import { mailClassIds, type MailClassId, type MailSchemeId } from '../../plan/planFacts';
import { isCheaper } from './isCheaper';
import { isBeyond, judgeMail, type JudgedClass, type MailPiece } from './judge';
import { mailSchemes } from './mailSchemes';

/** Of everyday height and weight, so that its face alone decides. */
const piece = (width: Length, height: Length, change: Partial<MailPiece> = {}): MailPiece => ({
  ...{ width, height },
  thickness: millimetres(1),
  grams: 10,
  uneven: zeroLength,
  unevenBy: millimetres(1.6),
  ...change,
});

const classOf = (scheme: MailSchemeId, id: MailClassId, of: MailPiece): JudgedClass =>
  must(judgeMail(schemeOf(scheme), of).classes.find((each) => each.of.id === id));

const isOver = ({ verdicts }: JudgedClass, side: 'least' | 'most') =>
  verdicts.some(
    (each) =>
      each.side === side && (each.measure === 'long' || each.measure === 'short') && isBeyond(each),
  );

const germanNames: Readonly<Record<string, string>> = {
  'germany-standard': 'Standardbrief',
  'germany-compact': 'Kompaktbrief',
  'germany-large': 'Grossbrief',
  'germany-maxi': 'Maxibrief',
};

// Computed from the published limits of USPS (DMM 101), Royal Mail, Deutsche Post and the Universal Postal Union.
describe('envelopes by their face', () => {
  const { rows } = mail.derived;
  it.each(rows)('$piece is what the published limits make of it', (row) => {
    const of = piece(millimetres(row.wMm), millimetres(row.hMm));
    const us = classOf('us', 'us-nonmachinable', of);
    expect(
      isOver(us, 'most') ? 'over letter maximum' : isOver(us, 'least') ? 'below minimum' : 'letter',
    ).toBe(row.us);
    if (row.usAspect !== null) {
      const ratios = classOf('us', 'us-letter', of).verdicts.filter(
        ({ measure }) => measure === 'ratio',
      );
      expect(ratios).toHaveLength(2);
      expect(ratios.some(isBeyond) ? 'nonmachinable aspect' : 'ok').toBe(row.usAspect);
    }
    expect(isOver(classOf('uk', 'uk-letter', of), 'most') ? 'large letter' : 'letter').toBe(
      row.royalMail,
    );
    expect(germanNames[judgeMail(schemeOf('germany'), of).cheapest?.of.id ?? '']).toBe(
      row.deutschePostBySizeOnly,
    );
    expect(isOver(classOf('upu', 'upu-letter-post', of), 'least')).toBe(
      row.upuMinimum === 'below minimum',
    );
  });

  it('are all looked at', () => expect(rows.length).toBeGreaterThan(25));
});

const ounce = 28.349523125;

describe('limits', () => {
  const { usps, royalMail, deutschePost } = mail;
  const c6 = (change: Partial<MailPiece>) => piece(millimetres(162), millimetres(114), change);

  it('are kept by what just reaches them, and passed by the next tick or gram', () => {
    const [long, high, thick] = usps.letter.maxIn.map((each) => Math.round(each * 406_400));
    const most = piece(long as Length, high as Length, { thickness: thick as Length, grams: 1 });
    expect(classOf('us', 'us-nonmachinable', most).stands).toBe('within');
    for (const beyond of [
      { width: (most.width + 1) as Length },
      { height: (most.height + 1) as Length },
      { thickness: (most.thickness + 1) as Length },
      { grams: usps.weightOz.letterMax * ounce + 0.01 },
    ])
      expect(classOf('us', 'us-nonmachinable', { ...most, ...beyond }).stands).toBe('beyond');
  });

  it('of the United Kingdom and Germany are those written down from their publications', () => {
    expect(schemeOf('uk').classes[0]?.limits).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ most: millimetres(royalMail.letter.maxMm[2] ?? 0) }),
        expect.objectContaining({ mostGrams: royalMail.letter.maxG }),
      ]),
    );
    const { standardbrief } = deutschePost;
    const ofStandard = c6({ thickness: millimetres(standardbrief.maxThicknessMm), grams: 20 });
    expect(judgeMail(schemeOf('germany'), ofStandard).cheapest?.of.id).toBe('germany-standard');
    const thicker = { ...ofStandard, thickness: millimetres(standardbrief.maxThicknessMm + 0.1) };
    expect(judgeMail(schemeOf('germany'), thicker).cheapest?.of.id).toBe('germany-compact');
  });

  it('tell what is left, and by how much something is beyond', () => {
    const judged = classOf('uk', 'uk-letter', c6({ thickness: millimetres(5.4), grams: 104 }));
    expect(judged.verdicts).toContainEqual({
      ...{ measure: 'thickness', side: 'most' },
      limit: millimetres(5),
      margin: -millimetres(0.4),
    });
    expect(judged.verdicts).toContainEqual({
      ...{ measure: 'weight', side: 'most', limitGrams: 100 },
      marginGrams: -4,
    });
  });

  it('of the ratio are met by whole numbers: 1.3 just is within', () => {
    const letter = (width: Length) =>
      classOf('us', 'us-letter', piece(width, inches(5))).verdicts.some(
        (each) => each.measure === 'ratio' && isBeyond(each),
      );
    expect(letter(inches(6, 1, 2))).toBe(false);
    expect(letter((inches(6, 1, 2) - 1) as Length)).toBe(true);
  });

  it('that are not known are no pass', () => {
    const parcel = classOf('us', 'us-parcel', piece(inches(40), inches(40)));
    expect(parcel.stands).toBe('unsure');
    expect(parcel.verdicts.every(({ side }) => side === 'not-known')).toBe(true);
    expect(classOf('us', 'us-letter', c6({})).stands).toBe('unsure');
  });

  it('make an uneven letter not machinable, however light', () => {
    const uneven = judgeMail(schemeOf('us'), c6({ uneven: millimetres(2) }));
    expect(uneven.cheapest?.of.id).toBe('us-nonmachinable');
    expect(judgeMail(schemeOf('uk'), c6({ uneven: millimetres(2) })).cheapest?.of.id).toBe(
      'uk-letter',
    );
  });

  it('each tell where they are from, and the month they were written down', () => {
    expect(mailSchemes).toHaveLength(4);
    for (const { source, asOf, classes } of mailSchemes) {
      expect(source.length).toBeGreaterThan(10);
      expect(asOf).toMatch(/^20\d\d-\d\d$/);
      for (const { limits, unknown } of classes)
        expect(limits.length + unknown.length).toBeGreaterThan(2);
    }
  });

  it('are of classes that stand from the cheapest to the dearest, as they are listed', () => {
    const listed = mailSchemes.flatMap(({ classes }) => classes.map(({ id }) => id));
    expect(listed).toEqual([...mailClassIds]);
    expect(isCheaper('uk-letter', 'uk-large-letter')).toBe(true);
    expect(isCheaper('uk-letter', 'uk-letter')).toBe(false);
  });

  // Common practice: a card of one layer is a letter anywhere.
  it('let a card of one layer in a C6 envelope go by the cheapest everywhere', () => {
    for (const scheme of mailSchemes)
      expect(judgeMail(scheme, c6({})).cheapest?.of.id).toBe(scheme.classes[0]?.id);
  });
});
