import { describe, expect, it } from 'vitest';
import {
  library,
  measure,
  moss,
  pieceOn,
  planOf,
  rowPaper,
  ticksOf,
} from '../../../test/support/plans';
import { computeCard } from '../compute/computeCard';
import { applyEdit } from '../plan/applyEdit';
import type { Library } from '../plan/library';
import type { Plan } from '../plan/plan';
import type { FindingData } from './finding';
import { papersOf } from '../plan/pieces';

const slimline: Partial<Parameters<typeof planOf>[1]> = {
  format: { kind: 'named', id: 'slimline', stand: 'upright' },
};
const find = <Rule extends FindingData['rule']>(plan: Plan, rule: Rule, from: Library = library) =>
  computeCard(plan, from).findings.flatMap((finding) =>
    finding.data.rule === rule
      ? [{ ...finding, data: finding.data as Extract<FindingData, { rule: Rule }> }]
      : [],
  );

describe('a panel no sheet gives', () => {
  // Handbook of the trade: a 6 x 6 pad cannot give a slimline panel in one piece; it needs a join, hidden
  // under another piece.
  const long = pieceOn('front', 'long', measure('3 1/4', '8 1/4'), { stock: rowPaper });
  const band = pieceOn('long', 'band', measure('3 1/4', '2'), { stock: moss });
  const plan = planOf([long, band], slimline);
  const [finding] = find(plan, 'sheet-too-small');

  it('is joined of two where the piece on it hides the join', () => {
    expect(finding?.data.join).toEqual({
      axis: 'y',
      at: ticksOf('4 1/8'),
      under: 'C',
      seen: 0,
    });
  });

  it('becomes two by the remedy, edge to edge, and what lay on it stays where it was', () => {
    const remedy = finding?.remedies.find(({ id }) => id === 'join');
    const outcome = remedy && applyEdit(plan, remedy.edit);
    if (!outcome?.ok) throw new Error('the remedy does not apply');
    const before = computeCard(plan, library).card.pieces;
    const after = computeCard(outcome.plan, library).card.pieces;
    expect(find(outcome.plan, 'sheet-too-small')).toEqual([]);
    const rects = after.map(({ name, rect }) => [name, rect.y, rect.height]);
    expect(rects).toEqual([
      ['long', ticksOf('1/8'), ticksOf('4 1/8')],
      ['long, other part', ticksOf('4 1/4'), ticksOf('4 1/8')],
      ['band', before[1]?.rect.y, ticksOf('2')],
    ]);
  });

  it('says how much of the join is seen where nothing hides it all', () => {
    const [bare] = find(planOf([long], slimline), 'sheet-too-small');
    expect(bare?.data.join).toMatchObject({ under: undefined, seen: ticksOf('3 1/4') });
    const narrow = pieceOn('long', 'narrow', measure('3', '2'), { stock: moss });
    const [partly] = find(planOf([long, narrow], slimline), 'sheet-too-small');
    expect(partly?.data.join).toMatchObject({ under: 'C', seen: ticksOf('1/4') });
  });

  it('offers the stock nearest in colour of the sheets that give it', () => {
    const remedy = finding?.remedies.find(({ id }) => id === 'other-stock');
    const outcome = remedy && applyEdit(plan, remedy.edit);
    if (!outcome?.ok) throw new Error('the remedy does not apply');
    expect(find(outcome.plan, 'sheet-too-small')).toEqual([]);
  });
});

describe('what leaves sale', () => {
  const until = (day: string | null): Library =>
    library.map((item) =>
      item.id === moss.id ? { ...item, sale: { from: null, until: day } } : item,
    );
  const plan = planOf([pieceOn('front', 'panel', measure('4', '5'))]);
  const on = (publishOn: string | null): Plan => ({ ...plan, about: { ...plan.about, publishOn } });

  it('is told when it is off sale before the tutorial comes', () => {
    const [found] = find(on('2027-04-02'), 'sale-ends', until('2027-04-01'));
    expect(found?.data).toMatchObject({ until: '2027-04-01', publishOn: '2027-04-02' });
    expect(found?.letter).toBe('B');
  });

  it('is not told on the last day, without a day, or without a tutorial', () => {
    expect(find(on('2027-04-02'), 'sale-ends', until('2027-04-02'))).toEqual([]);
    expect(find(on('2027-04-02'), 'sale-ends', until(null))).toEqual([]);
    expect(find(on(null), 'sale-ends', until('2027-04-01'))).toEqual([]);
  });
});

describe('a newer version in the stash', () => {
  it('is offered, and taken everywhere the old one is used', () => {
    const newer: Library = [
      ...library,
      ...library.flatMap((item) => (item.id === moss.id ? [{ ...item, version: 2 }] : [])),
    ];
    const plan = planOf([
      pieceOn('front', 'panel', measure('4', '5')),
      pieceOn('inside', 'liner', measure('4', '5')),
    ]);
    expect(find(plan, 'newer-version')).toEqual([]);
    const [found] = find(plan, 'newer-version', newer);
    const edit = found?.remedies[0]?.edit;
    const outcome = edit && applyEdit(plan, edit);
    if (!outcome?.ok) throw new Error('the remedy does not apply');
    expect(papersOf(outcome.plan).map(({ stock }) => stock.version)).toEqual([2, 2]);
    expect(find(outcome.plan, 'newer-version', newer)).toEqual([]);
  });
});
