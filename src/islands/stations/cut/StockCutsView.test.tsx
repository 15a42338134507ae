import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { library, moss } from '../../../../test/support/plans';
import { stepKey, stepKeysOf } from '../../../core/cutting/batchWork';
import { stepSentence } from '../../../core/prose/cutSentences';
import { TICKS_PER_INCH } from '../../../core/length/length';
import { pieceContours } from '../../../core/pictures/pieceContours';
import { resolvePlan } from '../../../core/resolve/resolvePlan';
import { StockCutsView } from './StockCutsView';
import { plan, mossCuts, mossJob, layout } from '../../../../test/support/cutPlans';

afterEach(cleanup);

function showStock(doneSteps: readonly string[] = [], canMark = true) {
  const [onDone, onSheets] = [vi.fn(), vi.fn()];
  render(
    <StockCutsView
      cuts={mossCuts}
      job={mossJob}
      unit="in"
      cardTitle={plan.about.title}
      contours={pieceContours(resolvePlan(plan, library))}
      scale={18 / TICKS_PER_INCH}
      doneSteps={new Set(doneSteps)}
      canMark={canMark}
      onDone={onDone}
      onSheets={onSheets}
    />,
  );
  const [sheet] = screen.getAllByRole('article');
  if (!sheet) throw new Error('no sheet');
  return { sheet, onDone, onSheets };
}

describe('how a stock is cut', () => {
  it('has each step as a checkbox, in its order and words', () => {
    const { sheet, onDone } = showStock();
    const boxes = within(sheet).getAllByRole('checkbox');
    expect(boxes).toHaveLength(layout.steps.length);
    expect(boxes.length).toBeGreaterThan(0);
    for (const [step] of layout.steps.entries())
      expect(sheet.textContent).toContain(stepSentence(layout, step, 'in'));
    if (boxes[0]) fireEvent.click(boxes[0]);
    expect(onDone.mock.calls).toEqual([[stepKey(moss.id, 0, 0), true]]);
  });

  it('says that a sheet is cut when its last step is done, and not before', () => {
    const keys = stepKeysOf(moss.id, 0, layout);
    showStock(keys.slice(0, -1));
    expect(screen.queryByText('Cut.')).toBeNull();
    cleanup();
    showStock(keys);
    expect(screen.getByText('Cut.')).toBeDefined();
  });

  it('cannot be done while a new plan is on its way', () => {
    const { sheet } = showStock([], false);
    for (const box of within(sheet).getAllByRole<HTMLInputElement>('checkbox'))
      expect(box.disabled).toBe(true);
  });

  it('shows the cuts of a step thicker while it is looked at, by pointer and by focus', () => {
    const { sheet } = showStock();
    const thick = () => sheet.querySelectorAll('line[stroke-width="4"]').length;
    const [line] = within(sheet).getAllByRole('listitem');
    if (!line) throw new Error('no step');
    expect(thick()).toBe(0);
    fireEvent.pointerEnter(line);
    expect(thick()).toBeGreaterThan(0);
    fireEvent.pointerLeave(line);
    expect(thick()).toBe(0);
    fireEvent.focus(within(line).getByRole('checkbox'));
    expect(thick()).toBeGreaterThan(0);
  });

  it('lets sheets be chosen, but never none', () => {
    const { onSheets } = showStock();
    const choice = screen.getByRole('group', { name: /^Sheets of/ });
    const boxes = within(choice).getAllByRole<HTMLInputElement>('checkbox');
    expect(boxes.map(({ checked, disabled }) => [checked, disabled])).toEqual([
      [true, true],
      [false, false],
    ]);
    if (boxes[1]) fireEvent.click(boxes[1]);
    expect(onSheets.mock.calls).toEqual([[['letter', 'a4']]]);
  });
});
