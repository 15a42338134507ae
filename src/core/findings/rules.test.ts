import { describe, expect, it } from 'vitest';
import {
  chalk,
  coves,
  fiveLayers,
  library,
  measure,
  moss,
  pieceOn,
  planOf,
  reveal,
  rowPaper,
  typed,
} from '../../../test/support/plans';
import { computeCard, rules } from '../compute/computeCard';
import { inches, millimetres } from '../length/length';
import { applyEdit } from '../plan/applyEdit';
import { defaultHabits } from '../plan/habits';
import type { PieceId } from '../plan/ids';
import type { Paper, Piece } from '../plan/piece';
import { papersOf } from '../plan/pieces';
import type { Plan } from '../plan/plan';
import { ruleIds } from '../plan/rules';
import type { Finding } from './finding';

/** Easier figures are proposed for so many plans that they have their own tests below. */
const findingsOf = (plan: Plan) => {
  const habits = { ...plan.habits, rulesOff: [...plan.habits.rulesOff, 'easier-figures' as const] };
  return computeCard({ ...plan, habits }, library).findings;
};
const namesOf = (plan: Plan) => findingsOf(plan).map(({ data, name }) => `${name} ${data.rule}`);
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
      kind: 'put',
      in: 'accepted',
      item: { rule: data.rule, pieceId: pieceId ?? null },
    });
    expect(left.ok && findingsOf(left.plan)).toEqual([]);
  });

  it('tell what stops the card first', () => {
    const plan = planOf([
      pieceOn('front', 'uneven', measure('4', '5')),
      pieceOn('uneven', 'large', measure('4 1/8', '2')),
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
    expect(papersOf(mended)[0]?.size.by).toBe('reveal');
  });

  it('takes what shows between pieces side by side for no border', () => {
    const two = ['left', 'right'].map((name) => pieceOn('front', name, measure('1', '2')));
    expect(namesOf(planOf(two)).filter((name) => name.endsWith('unequal-borders'))).toEqual([]);
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
      pieceOn('a', 'a', reveal('1/8'), { stock: moss }),
      pieceOn('a', 'b', reveal('1/8')),
      pieceOn('front', 'c', reveal('3')),
    ]);
    expect(namesOf(plan)).toEqual(['a impossible-piece', 'c impossible-piece']);
    const mended = afterRemedy(plan, first(plan), 0);
    expect(findingsOf(mended).map(({ name }) => name)).toEqual(['c']);
  });

  it('names a stock the stash does not hold', () => {
    const piece = { ...pieceOn('front', 'a', reveal('1/8')), stock: { ...chalk, version: 9 } };
    expect(first(planOf([piece])).data).toEqual({ rule: 'missing-stock', libraryId: 'chalk' });
  });

  it('names a face the fold does not have, and puts the piece on the front', () => {
    const plan = planOf([pieceOn('inside', 'liner', reveal('1/8'))], { fold: 'flat' });
    expect(first(plan).data).toMatchObject({ reason: { code: 'no-face', face: 'inside' } });
    expect(findingsOf(afterRemedy(plan, first(plan), 0))).toEqual([]);
  });

  it('gives a mat round nothing, or by a die that is not there, an everyday border', () => {
    const eighth = typed('1/8');
    const round = { left: eighth, top: eighth, right: eighth, bottom: eighth };
    const outset = { by: 'outset', around: 'gone' as PieceId, ...round } as const;
    const die = { by: 'die', set: { ...coves, version: 7 }, step: 0, turned: false } as const;
    for (const size of [outset, die]) {
      const plan = planOf([pieceOn('front', 'a', size)]);
      const mended = afterRemedy(plan, first(plan), 0);
      expect(findingsOf(mended)).toEqual([]);
      expect(papersOf(mended)[0]?.size).toMatchObject({
        by: 'reveal',
        all: { ticks: inches(0, 1, 8) },
      });
    }
  });
});

describe('a thin border', () => {
  it('is found below the visible minimum, and mended by the fine border', () => {
    const plan = planOf([pieceOn('front', 'a', reveal('1/64'))]);
    expect(first(plan).data).toMatchObject({ rule: 'thin-reveal', reveal: inches(0, 1, 64) });
    const mended = afterRemedy(plan, first(plan), 0);
    expect(findingsOf(mended)).toEqual([]);
    expect(papersOf(mended)[0]?.size).toMatchObject({ all: { ticks: inches(0, 1, 16) } });
  });

  it('is none at the minimum itself, nor where the piece is flush', () => {
    expect(namesOf(planOf([pieceOn('front', 'a', reveal('1/32'))]))).toEqual([]);
    expect(namesOf(planOf([pieceOn('front', 'a', reveal('0'))]))).toEqual([]);
  });
});

describe('a hidden layer', () => {
  const plan = planOf([
    pieceOn('front', 'mat', reveal('1/8')),
    pieceOn('mat', 'panel', reveal('0')),
  ]);

  it('is one that is covered whole, and is turned off', () => {
    expect(namesOf(plan)).toEqual(['mat hidden-layer']);
    expect(afterRemedy(plan, first(plan), 0).pieces[0]?.isOff).toBe(true);
  });

  it('is none where a sliver shows, or on another face', () => {
    const shifted = { x: { from: 'left', distance: typed('0') }, y: { from: 'centre' } } as const;
    expect(
      namesOf(
        planOf([
          pieceOn('front', 'mat', measure('4', '5'), shifted),
          pieceOn('mat', 'panel', measure('3 15/16', '5'), shifted),
          pieceOn('back', 'label', measure('4 1/4', '5 1/2')),
        ]),
      ),
    ).toEqual([]);
  });
});

describe('a liner at the score', () => {
  const at = (distance: string, fold: 'side' | 'tent' = 'side') =>
    planOf(
      [
        pieceOn('inside', 'liner', measure('3 1/2', '5'), {
          x: { from: 'left', distance: typed(distance) },
          y: { from: 'top', distance: typed('1/4') },
        }),
      ],
      { fold },
    );

  it('is found where it is nearer to the score than to the other edges', () => {
    expect(first(at('1/8')).data).toMatchObject({
      rule: 'liner-at-score',
      side: 'left',
      reveal: inches(0, 1, 8),
      elsewhere: inches(0, 1, 4),
    });
    expect(findingsOf(afterRemedy(at('1/8'), first(at('1/8')), 0))).toEqual([]);
    expect(findingsOf(at('1/4'))).toEqual([]);
    // A tent is scored on top, so its left edge is free.
    expect(findingsOf(at('1/8', 'tent'))).toEqual([]);
  });

  it('stops the card where it crosses, and is then no piece sticking out', () => {
    const crossing = planOf([
      pieceOn('inside', 'liner', measure('4', '5'), {
        x: { from: 'right', distance: typed('1/2') },
        y: { from: 'centre' },
      }),
    ]);
    expect(first(crossing)).toMatchObject({ severity: 'stop', data: { rule: 'liner-at-score' } });
    expect(namesOf(crossing)).toEqual(['liner liner-at-score']);
  });
});

describe('neighbours of nearly one colour', () => {
  const onChalk = (change: Partial<Paper>) =>
    namesOf(planOf([pieceOn('front', 'a', reveal('1/8'), change)]));

  it('are found, and set apart by foam, print or another colour', () => {
    expect(onChalk({ stock: chalk })).toEqual(['a near-colours']);
    expect(onChalk({ stock: chalk, attach: 'foam' })).toEqual([]);
    expect(onChalk({ stock: moss })).toEqual([]);
    const plan = planOf([pieceOn('front', 'a', reveal('1/8'), { stock: chalk })]);
    expect(findingsOf(afterRemedy(plan, first(plan), 0))).toEqual([]);
  });
});

describe('what a sheet cannot give', () => {
  // Common practice: a 6 x 6 pad sheet cannot give a slimline panel in one piece.
  it('is found for a slimline panel from a 6 x 6 pad, not for one that fits turned', () => {
    const format = { kind: 'named', id: 'slimline', stand: 'upright' } as const;
    const panel = (width: string, height: string) =>
      namesOf(
        planOf([pieceOn('front', 'a', measure(width, height), { stock: rowPaper })], { format }),
      ).filter((name) => name.endsWith('sheet-too-small'));
    expect(panel('3 1/4', '7 3/4')).toEqual(['a sheet-too-small']);
    expect(panel('3 1/4', '6')).toEqual([]);
  });

  it('counts what is cut before trimming, and the blank', () => {
    const off = typed('1/2');
    const trim = { left: off, top: off, right: off, bottom: off };
    const plan = planOf([pieceOn('front', 'a', measure('4', '5 1/4'), { stock: rowPaper, trim })]);
    expect(first(plan).data).toMatchObject({ size: { width: inches(5), height: inches(6, 1, 4) } });
    const large = { kind: 'custom', size: { width: typed('9'), height: typed('9') } } as const;
    expect(namesOf(planOf([], { format: large }))).toEqual(['Base sheet-too-small']);
  });
});

describe('a middle cut out', () => {
  const cut = (rim: string, panel: readonly Piece[]) =>
    planOf([pieceOn('front', 'mat', reveal('1/4'), { cutOut: { rim: typed(rim) } }), ...panel]);
  const panel = pieceOn('mat', 'panel', reveal('1/8'));

  it('wants something on it and a rim that leaves a hole, else it is left whole', () => {
    expect(findingsOf(cut('1/2', [panel]))).toEqual([]);
    expect(first(cut('2', [panel])).data).toMatchObject({ reason: 'rim-takes-all' });
    expect(first(cut('1/2', [])).data).toMatchObject({ reason: 'nothing-on-it' });
    const plan = cut('1/2', []);
    expect(papersOf(afterRemedy(plan, first(plan), 0))[0]?.cutOut).toBeNull();
  });
});
