import { describe, expect, it } from 'vitest';
import paperSizes from '../../../test/reference/paper-sizes.json';
import { inches, millimetres, sameSize, TICKS_PER_MILLIMETRE, type Size } from '../length/length';
import { cardFormatIds } from './cardFormat';
import { cardFormat, cardFormats } from './cardFormats';
import { layOutFormat, layOutBlank } from './layOutBlank';
import { a4Sheet, countStraight, letterSheet, sheets } from './sheets';

const size = (width: Size['width'], height: Size['height']): Size => ({ width, height });

describe('blanks and scores', () => {
  it('lays an A2 side fold 8 1/2 x 5 1/2, scored at 4 1/4 from the left', () => {
    const { blank, score } = layOutFormat(cardFormat('a2'), 'upright', 'side');
    expect(blank).toEqual(size(inches(8, 1, 2), inches(5, 1, 2)));
    expect(score).toEqual({ axis: 'vertical', at: inches(4, 1, 4) });
  });

  it('lays an A2 tent 4 1/4 x 11, scored at 5 1/2 from the top', () => {
    const { blank, score } = layOutFormat(cardFormat('a2'), 'upright', 'tent');
    expect(blank).toEqual(size(inches(4, 1, 4), inches(11)));
    expect(score).toEqual({ axis: 'horizontal', at: inches(5, 1, 2) });
  });

  it('lays a slimline 7 x 8 1/2, scored at 3 1/2', () => {
    const { blank, score } = layOutFormat(cardFormat('slimline'), 'upright', 'side');
    expect(blank).toEqual(size(inches(7), inches(8, 1, 2)));
    expect(score.at).toBe(inches(3, 1, 2));
  });

  it('has one face in every stand and fold: the blank is twice the face across the score', () => {
    let seen = 0;
    for (const format of cardFormats)
      for (const stand of ['upright', 'lying'] as const)
        for (const fold of ['side', 'tent'] as const)
          for (const blankId of [undefined, 'exact']) {
            const { face, blank, score } = layOutFormat(format, stand, fold, blankId);
            expect(sameSize(layOutBlank(face, fold).blank, blank)).toBe(true);
            expect(score.at * 2).toBe(fold === 'side' ? blank.width : blank.height);
            const isSquare = face.width === face.height;
            expect(isSquare || face.width < face.height === (stand === 'upright')).toBe(true);
            seen++;
          }
    expect(seen).toBe(cardFormats.length * 8);
  });
});

describe('against the outside', () => {
  // test/reference/paper-sizes.json: ISO 216 and ASME Y14.1 sizes, compared there in several sources.
  const published = (id: string) => {
    const found = paperSizes.sizes.find((each) => each.id === id);
    if (!found) throw new Error(`published: no ${id}`);
    return found;
  };
  const asTicks = (mm: number) => Math.round(mm * TICKS_PER_MILLIMETRE);

  it.each([
    ['ISO A4', a4Sheet.size],
    ['US Letter', letterSheet.size],
  ])('holds %s to its published size', (id, { width, height }) => {
    const { wMm, hMm } = published(id);
    expect([width, height]).toEqual([asTicks(wMm), asTicks(hMm)]);
  });

  it('holds a closed A6 to ISO 216', () => {
    const { short, long } = cardFormat('a6').finished;
    const { wMm, hMm } = published('ISO A6');
    expect([short, long]).toEqual([asTicks(wMm), asTicks(hMm)]);
  });

  // Common practice: two A2 bases from a letter sheet, no waste.
  it.each(['side', 'tent'] as const)('cuts two A2 bases, %s fold, from a letter sheet', (fold) => {
    const { blank } = layOutFormat(cardFormat('a2'), 'upright', fold);
    expect(countStraight(letterSheet.size, blank).count).toBe(2);
    expect(2 * blank.width * blank.height).toBe(letterSheet.size.width * letterSheet.size.height);
  });

  // Common practice: an A4 cut once at 105 mm gives two tents, half a millimetre over A6.
  it('cuts two A6 tents from an A4, folded at 148.5 mm, half a millimetre over', () => {
    const { blank, face, score, sheetBlank } = layOutFormat(cardFormat('a6'), 'upright', 'tent');
    expect(countStraight(a4Sheet.size, blank)).toEqual({ count: 2, turned: false });
    expect(score.at).toBe(millimetres(148.5));
    expect(face.height - cardFormat('a6').finished.long).toBe(millimetres(0.5));
    expect(sheetBlank?.from).toBe('A4 cut once at 105 mm');
  });

  it('makes a side-folded A6 of an A5, and the exact A6 when asked', () => {
    const side = layOutFormat(cardFormat('a6'), 'upright', 'side').blank;
    const { wMm, hMm } = published('ISO A5');
    expect([side.height, side.width]).toEqual([asTicks(wMm), asTicks(hMm)]);
    const exact = layOutFormat(cardFormat('a6'), 'upright', 'tent', 'exact');
    expect(exact.face.height).toBe(millimetres(148));
  });

  // Common practice: an A4 cut at 198 mm and scored at 99; three flat DL pieces from an A4.
  it('makes a DL of an A4 cut at 198 mm, scored at 99', () => {
    const { blank, score } = layOutFormat(cardFormat('dl'), 'upright', 'side');
    expect(blank).toEqual(size(millimetres(198), a4Sheet.size.width));
    expect(score.at).toBe(millimetres(99));
    expect(countStraight(a4Sheet.size, size(millimetres(99), millimetres(210))).count).toBe(3);
  });

  // Common practice: an 11 x 8 1/2 sheet scored at 5 1/2 is a half page, closed 5 1/2 x 8 1/2.
  it('makes a half page of a whole letter sheet', () => {
    const { blank, score } = layOutFormat(cardFormat('half-page'), 'upright', 'side');
    expect(blank).toEqual(size(letterSheet.size.height, letterSheet.size.width));
    expect(score.at).toBe(inches(5, 1, 2));
    expect(countStraight(letterSheet.size, blank)).toEqual({ count: 1, turned: true });
  });

  it('has an id, a name and a source for every format, each once', () => {
    expect(cardFormats.map(({ id }) => id)).toEqual([...cardFormatIds]);
    expect(new Set(cardFormats.map(({ name }) => name)).size).toBe(cardFormats.length);
    expect(cardFormats.every(({ source }) => source.length > 10)).toBe(true);
  });

  // Common practice: one slimline base from a letter sheet, three 3 1/4 x 7 3/4 panels.
  it('counts slimline pieces on a letter sheet', () => {
    const { blank } = layOutFormat(cardFormat('slimline'), 'upright', 'side');
    expect(countStraight(letterSheet.size, blank).count).toBe(1);
    const panel = size(inches(3, 1, 4), inches(7, 3, 4));
    expect(countStraight(letterSheet.size, panel)).toEqual({ count: 3, turned: true });
  });
});

describe('counting', () => {
  it('counts touching edges as fitting, and one tick more as not', () => {
    const half = size(inches(8, 1, 2), inches(5, 1, 2));
    expect(countStraight(letterSheet.size, half).count).toBe(2);
    const over = size((half.width + 1) as Size['width'], (half.height + 1) as Size['height']);
    expect(countStraight(letterSheet.size, over).count).toBe(1);
  });

  it('gives none of what is larger than the sheet, or is nothing', () => {
    expect(sheets.length).toBeGreaterThan(1);
    for (const { size: sheet } of sheets) {
      expect(countStraight(sheet, size(inches(12), inches(12))).count).toBe(0);
      expect(countStraight(sheet, size(inches(0), inches(1))).count).toBe(0);
    }
  });
});
