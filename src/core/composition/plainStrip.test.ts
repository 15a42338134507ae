import { describe, expect, it } from 'vitest';
import { must } from '../../../test/support/must';
import { library, measure, pieceOn, planOf, typed, wordsOn } from '../../../test/support/plans';
import { inches } from '../length/length';
import { applyEdit } from '../plan/applyEdit';
import type { LibraryId, PieceId } from '../plan/ids';
import { stocksOf } from '../plan/library';
import { resolvePlan } from '../resolve/resolvePlan';
import type { Holding } from '../stash/holding';
import { emptyHolding } from '../stash/holdings';
import { plainStrip, putOnStrip } from './plainStrip';

const plan = planOf([
  pieceOn('front', 'panel', measure('3 3/4', '5')),
  wordsOn('panel', 'words', ['so glad']),
]);
const card = resolvePlan(plan, library);
const words = must(card.marks[0]);
const input = (holdings: readonly Holding[] = []) =>
  ({ plan, card, library, holdings, unit: 'in' }) as const;
const newIds = () => {
  let next = 0;
  return () => `new-${(next += 1)}` as PieceId;
};

describe('a plain strip for words', () => {
  it('is their box with the margin of the house, on the marks of the trimmer', () => {
    const strip = must(plainStrip(input(), words));
    const margin = plan.habits.wordMargin.ticks;
    for (const side of ['width', 'height'] as const) {
      expect(strip.size[side] % inches(0, 1, 16)).toBe(0);
      const spare = strip.size[side] - words.rect[side] - 2 * margin;
      expect(spare).toBeGreaterThanOrEqual(0);
      expect(spare).toBeLessThan(inches(0, 1, 16));
    }
    expect(strip.mat.size.width - strip.size.width).toBe(2 * strip.mat.border);
  });

  it('comes from a leftover that is large enough before a new sheet', () => {
    const light = stocksOf(library).filter(({ paper }) => paper === 'cardstock');
    const left = (id: LibraryId, width: string, height: string): Holding => ({
      ...emptyHolding(id),
      leftovers: [{ id: 'a', count: 1, size: { width: typed(width), height: typed(height) } }],
    });
    const chalk = must(light.find(({ name }) => name.startsWith('Chalk')));
    expect(plainStrip(input([left(chalk.id, '1/2', '6')]), words)?.stock.isLeftover).toBe(true);
    expect(plainStrip(input([left(chalk.id, '1/8', '6')]), words)?.stock.isLeftover).toBe(false);
  });

  it('with its mat goes under the words where they stand, an equal border all round', () => {
    const strip = must(plainStrip(input(), words));
    const edit = putOnStrip(input(), words, strip, { withMat: true, newId: newIds() });
    const outcome = applyEdit(plan, edit);
    if (!outcome.ok) throw new Error(outcome.issue.code);
    const next = resolvePlan(outcome.plan, library);
    expect(next.impossible).toEqual([]);
    const [mat, cut] = next.pieces.slice(-2);
    expect(mat?.rect).toMatchObject(strip.mat.size);
    expect(cut?.rect).toMatchObject(strip.size);
    expect(cut?.support).toBe(mat?.id);
    const moved = must(next.marks[0]);
    expect(moved.support).toBe(cut?.id);
    // To the mark: both are centred in whole ticks.
    expect(Math.abs(moved.rect.x - words.rect.x)).toBeLessThan(3);
    expect(Math.abs(moved.rect.y - words.rect.y)).toBeLessThan(3);
  });

  it('is not offered where the panel does not hold it', () => {
    const narrow = planOf([
      pieceOn('front', 'panel', measure('1/2', '1/4')),
      wordsOn('panel', 'words', ['so glad']),
    ]);
    const on = resolvePlan(narrow, library);
    expect(plainStrip({ ...input(), plan: narrow, card: on }, must(on.marks[0]))).toBeUndefined();
  });
});
