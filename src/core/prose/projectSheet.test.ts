import Papa from 'papaparse';
import { unplannedSupplies } from '../../../test/support/unplanned';
import { describe, expect, it } from 'vitest';
import {
  coves,
  dotOn,
  fiveLayers,
  library,
  measure,
  pieceOn,
  planOf,
  ribbonOn,
  reveal,
  stampedOn,
  typed,
  wordsOn,
  wren,
} from '../../../test/support/plans';
import { inches, lengthFromTicks, millimetres, type Unit } from '../length/length';
import { cutStraight } from '../paper/cutStraight';
import { sheetOf as sheetOfId } from '../paper/sheets';
import type { Paper, SizeRule } from '../plan/piece';
import type { Plan } from '../plan/plan';
import { filmingChecks, type FilmingCheck } from '../plan/planFacts';
import { plainMaking } from '../plan/plainPlan';
import { resolvePlan } from '../resolve/resolvePlan';
import { listOf } from '../supplies/supplyList';
import type { SupplyRow } from '../supplies/supplyRow';
import { filmingChecklist, type FilmingInput } from './filmingChecklist';
import { projectSheet, sheetRows } from './projectSheet';
import {
  formatSentence,
  rowRemarks,
  scoreSentence,
  writeReveals,
  writeRevealsShort,
  yieldSentence,
} from './sentences';
import { speakingList } from './speakingList';
import { writeCutListCsv } from './writeCutListCsv';
import { writeMarkdown } from './writeMarkdown';

const sheetOf = (plan: Plan, unit: Unit = 'in') =>
  projectSheet(plan, resolvePlan(plan, library), unit);
const a6Tent = planOf([], {
  format: { kind: 'named', id: 'a6', stand: 'upright' },
  fold: 'tent',
  unit: 'mm',
});

describe('the project sheet', () => {
  it('lists every piece in gluing order, front before inside, for all copies', () => {
    const sheet = sheetOf({ ...fiveLayers(), making: { ...plainMaking, copies: 24 } });
    const rows = sheetRows(sheet);
    expect(rows.map(({ letter, on }) => `${letter} on ${on}`)).toEqual([
      'B on A',
      'C on B',
      'D on C',
      'E on D',
      'F on A',
      'G on F',
    ]);
    expect(rows.every(({ count }) => count === 24)).toBe(true);
  });

  it('says how to cut and score, in both units', () => {
    const sheet = sheetOf(fiveLayers());
    expect(formatSentence(sheet)).toBe('A2, upright, side fold');
    expect(scoreSentence(sheet)).toBe(
      'Cut the blank 8 1⁄2 × 5 1⁄2 in (215.9 × 139.7 mm). ' +
        'Score it at 4 1⁄4 in (≈\u00a0108.0 mm) from the left and fold.',
    );
    expect(yieldSentence(sheet)).toBe(
      '2 from a letter sheet: cut across at 5 1⁄2. ' +
        '1 from an A4 sheet: cut across at 8 1⁄2, then down at 5 1⁄2, blanks lying across.',
    );
  });

  it('says where a tent is scored and which sheet the blank is cut from', () => {
    expect(scoreSentence(sheetOf(a6Tent, 'mm'))).toBe(
      'Cut the blank 105 × 297 mm (≈\u00a04 9⁄64 × 11 11⁄16 in), from an A4 cut once at 105 mm. ' +
        'Score it at 148.5 mm (≈\u00a05 27⁄32 in) from the top and fold.',
    );
  });

  it('never drops a piece without figures in silence', () => {
    const sheet = sheetOf(planOf([pieceOn('front', 'Strip', reveal('3'))]));
    expect(sheet.missing).toEqual(['Strip']);
    expect(writeMarkdown(sheet, listOf([], 1), [], [], [])).toContain(
      'Without figures, so not in the list: Strip.',
    );
  });

  it('says borders in the fewest words', () => {
    const sides = (plan: Plan) => sheetRows(sheetOf(plan))[0]?.reveals;
    const even = sides(planOf([pieceOn('front', 'a', reveal('1/8'))]));
    const uneven = sides(planOf([pieceOn('front', 'a', measure('4', '5'))]));
    if (!even || !uneven) throw new Error('no rows');
    expect(writeReveals(even, 'in')).toBe('1⁄8');
    expect(writeReveals(uneven, 'in')).toBe('1⁄8 at the sides, 1⁄4 at top and bottom');
    expect(writeRevealsShort(uneven, 'in')).toBe('sides 1⁄8, top/bottom 1⁄4');
    expect(writeRevealsShort(even, 'in')).toBe('1⁄8');
    expect(writeRevealsShort({ ...uneven, right: uneven.top }, 'in')).toBe(
      '← 1⁄8 ↑ 1⁄4 → 1⁄4 ↓ 1⁄4',
    );
    expect(writeReveals({ ...uneven, left: even.left, right: uneven.top }, 'in')).toMatch(
      /^left 1⁄8, top/,
    );
  });
});

describe('Markdown', () => {
  it('shows what people typed as text, never as markup', () => {
    const plan = fiveLayers();
    const hostile = {
      ...plan,
      about: { ...plan.about, title: '<script>alert(1)</script> | *bold*' },
    };
    const text = writeMarkdown(sheetOf(hostile), listOf([], 1), [], [], []);
    expect(text).toContain('# &lt;script&gt;alert(1)&lt;/script&gt; \\| \\*bold\\*');
    expect(text).not.toContain('<script>');
  });

  it('has a line for each piece in both units, and no table that some reader could not set', () => {
    const text = writeMarkdown(sheetOf(fiveLayers()), listOf([], 1), [], [], []);
    expect(text).toContain(
      '- **G** liner: cut 1, 3 11⁄16 × 4 15⁄16 in (≈\u00a093.7 × 125.4 mm), from Chalk 216 g; on F with tape, of which 3⁄32 in shows',
    );
    expect(text.match(/^- \*\*[B-G]\*\* /gm)).toHaveLength(6);
    expect(text).not.toMatch(/^\|/m);
  });
});

describe('CSV', () => {
  const rowsOf = (plan: Plan) => {
    const { data, errors } = Papa.parse<Record<string, string>>(
      writeCutListCsv(sheetOf(plan)).trimEnd(),
      {
        header: true,
      },
    );
    expect(errors).toEqual([]);
    return data;
  };

  it('gives exact millimetres, numbers and fractions that are no dates, base first', () => {
    // The mark by which spreadsheets know UTF-8.
    expect(writeCutListCsv(sheetOf(fiveLayers()))).toMatch(/^\uFEFFletter,/);
    const rows = rowsOf(fiveLayers());
    expect(rows).toHaveLength(7);
    expect(rows[0]).toMatchObject({
      letter: 'A',
      'width in': '8.5',
      'width as cut, in': '8 1⁄2',
      'height mm': '139.7',
    });
    expect(rows[6]).toMatchObject({
      letter: 'G',
      'width in': '3.6875',
      'width as cut, in': '3 11⁄16',
      'width mm': '93.6625',
    });
    expect(rows.flatMap(Object.values).filter((cell) => /^\d+\/\d+$/.test(cell))).toEqual([]);
  });

  it.each(['=1+1', '+1', '-1', '@SUM(A1)', '\t=1', '\r=1', '=cmd|x, "y"'])(
    'never lets a cell be run as a formula: %j',
    (name) => {
      const rows = rowsOf(planOf([{ ...pieceOn('front', 'a', reveal('1/8')), name }]));
      expect(rows[1]?.['piece']).toMatch(/^'/);
      expect(rows[1]?.['piece']).toContain(name.trim());
    },
  );
});

describe('speaking', () => {
  it('says the figures in order, as one says them aloud', () => {
    const lines = speakingList(sheetOf(fiveLayers()));
    expect(lines[0]).toBe(
      'The card is an A2, side fold, four and one quarter by five and a half when closed.',
    );
    expect(lines[1]).toBe(
      'A, the base: eight and a half by five and a half, scored at four and one quarter from the left, from Chalk 216 g.',
    );
    expect(lines[2]).toBe(
      'B, paper: four and one eighth by five and three eighths, from Moss 216 g.',
    );
    expect(lines).toHaveLength(8);
  });

  it('says what is trimmed, cut out, cut by die, and glued to one flap', () => {
    const off = typed('1/8');
    const trim = { left: off, top: off, right: off, bottom: off };
    const die = { by: 'die', set: coves, step: 2, turned: false } as const;
    const plan = planOf(
      [
        pieceOn('front', 'mat', measure('4', '5'), { trim, cutOut: { rim: typed('1/2') } }),
        pieceOn('mat', 'panel', die),
      ],
      { fold: 'gate' },
    );
    const [, base, mat, panel] = speakingList(sheetOf(plan));
    expect(base).toContain('scored at two and one eighth and six and three eighths from the left');
    expect(mat).toContain(
      'cut four and one quarter by five and one quarter, trimmed at the end to',
    );
    expect(mat).toContain('its middle cut out two and a half by three and three quarters');
    expect(mat).toContain('glued to the left flap only');
    expect(panel).toContain('die 3 of Cove rectangles');
  });

  it('says what is cut out with scissors, and what moves', () => {
    const plan = planOf([
      pieceOn('front', 'panel', reveal('1/8')),
      pieceOn(
        'panel',
        'bird',
        { by: 'stamp', stamp: wren, rim: typed('1/8') },
        { motion: { kind: 'wobbler', spring: typed('1/2') } },
      ),
    ]);
    expect(speakingList(sheetOf(plan)).at(-1)).toMatch(
      /^C, bird: .*, cut out with scissors one eighth outside the print, from .*, on a spring\.$/,
    );
  });

  it('says that a flat card is not folded, and speaks millimetres', () => {
    const lines = speakingList(sheetOf(planOf([], { fold: 'flat', unit: 'mm' }), 'mm'));
    expect(lines[0]).toContain('an A2, flat, about one hundred and eight');
    expect(lines[1]).toContain('not folded');
  });
});

const back = (text: string) => ({ ticks: lengthFromTicks(-typed(text).ticks) });

describe('what is to be known of a piece', () => {
  const side = (left: string, bottom: string) => ({
    left: typed(left),
    top: typed('0'),
    right: typed('0'),
    bottom: typed(bottom),
  });
  const remarks = (size: SizeRule, change: Partial<Paper>) => {
    const plan = planOf([
      pieceOn('front', 'panel', reveal('1/8')),
      pieceOn('panel', 'part', size, change),
    ]);
    const row = sheetRows(sheetOf(plan)).at(-1);
    return row ? rowRemarks(row, 'in') : [];
  };
  const die = { by: 'die', set: coves, step: 2, turned: false } as const;

  it('tells scissors and what is cut off of a die cut; a rectangle is cut to size at once', () => {
    expect(remarks({ by: 'stamp', stamp: wren, rim: typed('1/8') }, {})).toEqual([
      'cut it out with scissors, 1⁄8 outside the print',
    ]);
    const crop = side('1/2', '1/4');
    expect(remarks(die, { crop })).toContain('cut off 1⁄2 at the left and 1⁄4 at the bottom');
    expect(remarks(measure('2', '2'), { crop })).toEqual([]);
  });

  it('tells what is cut off at the card only where something hangs over', () => {
    const over = {
      x: { from: 'left', distance: typed('3') },
      y: { from: 'centre' },
      turn: 0,
    } as const;
    const cut = 'cut off what hangs over the edge of the card';
    expect(remarks(measure('2', '2'), { overhang: 'trimmed', place: over })).toEqual([cut]);
    expect(remarks(measure('2', '2'), { overhang: 'trimmed' })).toEqual([]);
    expect(remarks(measure('2', '2'), { overhang: 'with-support' })).toEqual([
      'cut it once more together with B, so that both end in one line',
    ]);
  });

  it.each([
    [{ kind: 'flap', hinge: 'top' }, 'a flap: bend it at the top before it is glued'],
    [{ kind: 'slider', along: 'x', travel: typed('1') }, 'slides 1 to the right: keep its track'],
    [{ kind: 'slider', along: 'y', travel: back('1') }, 'slides 1 up: keep its track free of glue'],
    [{ kind: 'wobbler', spring: typed('1/2') }, 'on a spring 1⁄2 wide under its middle: trim'],
  ] as const)('tells what makes it move: %o', (motion, told) => {
    expect(remarks(measure('2', '2'), { motion })[0]).toContain(told);
  });
});

describe('what people forget while filming', () => {
  const items = (
    plan: Plan,
    supplies: readonly SupplyRow[] = [],
    release: FilmingInput['release'] = undefined,
  ) => filmingChecklist({ plan, sheet: sheetOf(plan), supplies, release });
  const say = (check: FilmingCheck, ...of: Parameters<typeof items>) =>
    items(...of).find((each) => each.check === check)?.say;

  it('is answered where the plan knows, and asked where it does not', () => {
    const found = items(fiveLayers());
    expect(found.map(({ check }) => check)).toEqual([...filmingChecks]);
    expect(found[0]?.say).toContain('B paper, 4 1⁄8 × 5 3⁄8 in');
    expect(found[1]?.say).toBe('The inside: F inside-mat and G liner.');
    expect(items(planOf([]))[1]?.say).toContain('nothing is planned there');
    const release = { name: 'Allotment Row', onSale: '2027-03-12' };
    expect(say('sale-period', fiveLayers(), [], release)).toBe(
      'Allotment Row: on sale from 12 March 2027. Nothing on the card has a last day of sale.',
    );
  });

  it('tells all that stands inside, be it on paper or straight on the leaf', () => {
    const plan = planOf([
      wordsOn('inside', 'words', ['thank you']),
      stampedOn('inside', 'bird', wren),
    ]);
    expect(say('inside', plan)).toBe('The inside: “thank you” and bird.');
  });

  it('tells what is stuck on, tied round and sold no longer, from the list of supplies', () => {
    const plan = planOf([
      pieceOn('front', 'panel', measure('4', '5')),
      dotOn('panel', 'a'),
      dotOn('panel', 'b'),
    ]);
    const { rows } = unplannedSupplies(plan);
    expect(say('embellishments', plan, rows)).toBe(
      'The embellishments: 2 pieces of Gem, 1⁄8 in; say where.',
    );
    expect(say('ribbon', plan, rows)).toBe('No ribbon or twine is noted.');
    const tied = planOf([ribbonOn('front', 'ribbon', { way: 'laid' })]);
    expect(say('ribbon', tied, unplannedSupplies(tied).rows)).toMatch(
      /^The ribbon: Ribbon, .*25⁄64 in, 0\.11 m; say when it is put on\.$/,
    );
    const [paper] = rows.filter(({ group }) => group === 'paper');
    if (!paper?.item || !('sale' in paper.item)) throw new Error('expected paper');
    const item = { ...paper.item, sale: { from: null, until: '2027-03-03' } };
    expect(say('sale-period', plan, [{ ...paper, item }])).toBe(
      'Chalk 216 g is sold until 3 March 2027.',
    );
  });

  it('keeps what was ticked', () => {
    const plan = fiveLayers();
    const ticked = { ...plan, about: { ...plan.about, checked: ['inside' as const] } };
    expect(
      items(ticked)
        .filter(({ isDone }) => isDone)
        .map(({ check }) => check),
    ).toEqual(['inside']);
  });
});

describe('cutting and scoring other folds and long blanks', () => {
  it('scores a gate twice and a flat card not at all', () => {
    expect(scoreSentence(sheetOf(planOf([], { fold: 'gate' })))).toContain(
      'Score it at 2 1⁄8 in (≈\u00a054.0 mm) and 6 3⁄8 in (≈\u00a0161.9 mm) from the left and fold both flaps to the middle.',
    );
    expect(scoreSentence(sheetOf(planOf([], { fold: 'flat' })))).toContain('It is not folded.');
    expect(formatSentence(sheetOf(planOf([], { fold: 'flat' })))).toBe('A2, upright, flat');
  });

  // Common practice: a score board shorter than the blank scores as far as it goes, then slides.
  it('says to slide a blank that is longer than the score board, a sheet longer than the trimmer', () => {
    const plan = planOf([]);
    const habits = {
      ...plan.habits,
      scoreBoardLength: typed('5'),
      trimmerLength: typed('8'),
    };
    const sheet = sheetOf({ ...plan, habits });
    expect(scoreSentence(sheet)).toContain('score as far as it goes, slide the blank along');
    expect(yieldSentence(sheet)).toContain('the trimmer is too short, so slide the sheet');
    expect(scoreSentence(sheetOf(plan))).not.toContain('slide');
  });

  // A 30 cm trimmer cannot cross a 12 in sheet, 304.8 mm: common practice.
  it('slides a 12 x 12 sheet under a 30 cm trimmer', () => {
    const { longestStroke } = cutStraight(sheetOfId('12x12').size, {
      width: inches(8, 1, 2),
      height: inches(5, 1, 2),
    });
    expect(longestStroke).toBeGreaterThan(millimetres(300));
  });
});
