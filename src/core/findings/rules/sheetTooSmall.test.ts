import { describe, expect, it } from 'vitest';
import { findOnPlan, findingNames, firstFinding } from '../../../../test/support/findings';
import {
  library,
  measure,
  moss,
  pieceOn,
  planOf,
  rowPaper,
  ticksOf,
  typed,
} from '../../../../test/support/plans';
import { computeCard } from '../../compute/computeCard';
import { inches } from '../../length/length';
import { applyEdit } from '../../plan/applyEdit';

const slimline: Partial<Parameters<typeof planOf>[1]> = {
  format: { kind: 'named', id: 'slimline', stand: 'upright' },
};
// Handbook of the trade: a 6 x 6 pad cannot give a slimline panel in one piece; it needs a join, hidden
// under another piece.
const long = pieceOn('front', 'long', measure('3 1/4', '8 1/4'), { stock: rowPaper });
const band = pieceOn('long', 'band', measure('3 1/4', '2'), { stock: moss });
const plan = planOf([long, band], slimline);
const [finding] = findOnPlan('sheet-too-small', plan);

describe('what a sheet cannot give', () => {
  // Common practice: a 6 x 6 pad sheet cannot give a slimline panel in one piece.
  it('is found for a slimline panel from a 6 x 6 pad, not for one that fits turned', () => {
    const format = { kind: 'named', id: 'slimline', stand: 'upright' } as const;
    const panel = (width: string, height: string) =>
      findingNames(
        planOf([pieceOn('front', 'a', measure(width, height), { stock: rowPaper })], { format }),
      ).filter((name) => name.endsWith('sheet-too-small'));
    expect(panel('3 1/4', '7 3/4')).toEqual(['a sheet-too-small']);
    expect(panel('3 1/4', '6')).toEqual([]);
  });

  it('counts what is cut before trimming, and the blank', () => {
    const off = typed('1/2');
    const trim = { left: off, top: off, right: off, bottom: off };
    const plan = planOf([pieceOn('front', 'a', measure('4', '5 1/4'), { stock: rowPaper, trim })]);
    expect(firstFinding(plan).data).toMatchObject({
      size: { width: inches(5), height: inches(6, 1, 4) },
    });
    const large = { kind: 'custom', size: { width: typed('9'), height: typed('9') } } as const;
    expect(findingNames(planOf([], { format: large }))).toEqual(['Base sheet-too-small']);
  });

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
    expect(findOnPlan('sheet-too-small', outcome.plan)).toEqual([]);
    const rects = after.map(({ name, rect }) => [name, rect.y, rect.height]);
    expect(rects).toEqual([
      ['long', ticksOf('1/8'), ticksOf('4 1/8')],
      ['long, other part', ticksOf('4 1/4'), ticksOf('4 1/8')],
      ['band', before[1]?.rect.y, ticksOf('2')],
    ]);
  });

  it('says how much of the join is seen where nothing hides it all', () => {
    const [bare] = findOnPlan('sheet-too-small', planOf([long], slimline));
    expect(bare?.data.join).toMatchObject({ under: undefined, seen: ticksOf('3 1/4') });
    const narrow = pieceOn('long', 'narrow', measure('3', '2'), { stock: moss });
    const [partly] = findOnPlan('sheet-too-small', planOf([long, narrow], slimline));
    expect(partly?.data.join).toMatchObject({ under: 'C', seen: ticksOf('1/4') });
  });

  it('offers the stock nearest in colour of the sheets that give it', () => {
    const remedy = finding?.remedies.find(({ id }) => id === 'other-stock');
    const outcome = remedy && applyEdit(plan, remedy.edit);
    if (!outcome?.ok) throw new Error('the remedy does not apply');
    expect(findOnPlan('sheet-too-small', outcome.plan)).toEqual([]);
  });
});
