import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { loadHighs } from '../../../../test/support/highs';
import { fiveLayers, library, moss } from '../../../../test/support/plans';
import { highsCoverSolver } from '../../../core/cutting/coverSolver';
import { stepKey, stepKeysOf } from '../../../core/cutting/batchWork';
import { cutJob } from '../../../core/cutting/cutJob';
import { leastSheets, newSheets } from '../../../core/cutting/countSheets';
import { stepSentence } from '../../../core/prose/cutSentences';
import { planCuts, usualBudget } from '../../../core/cutting/planCuts';
import { lastOf } from '../../../core/cutting/planSheets';
import { TICKS_PER_INCH } from '../../../core/length/length';
import { plainMaking } from '../../../core/plan/plainPlan';
import { pieceContours } from '../../../core/pictures/pieceContours';
import { resolvePlan } from '../../../core/resolve/resolvePlan';
import { BatchForm } from './BatchForm';
import { PlanningLine } from '../../planning/PlanningLine';
import { StockCutsView } from './StockCutsView';

afterEach(cleanup);

const plan = { ...fiveLayers(), making: { ...plainMaking, copies: 10 } };
const job = cutJob(plan, resolvePlan(plan, library), []);
const solver = highsCoverSolver(await loadHighs());
const cuts = lastOf(planCuts(job, solver, { ...usualBudget, isOver: () => false }));
const mossCuts = cuts.stocks.find(({ stock }) => stock.id === moss.id);
const mossJob = job.stocks.find(({ stock }) => stock.id === moss.id);
if (!mossCuts || !mossJob) throw new Error('no moss');
const [layout] = mossCuts.layouts;
if (!layout) throw new Error('no layout');

function showStock(doneSteps: readonly string[] = [], canMark = true) {
  const [onDone, onSheets] = [vi.fn(), vi.fn()];
  render(
    <StockCutsView
      cuts={mossCuts as NonNullable<typeof mossCuts>}
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

describe('how far the planning is', () => {
  const show = (planning: Parameters<typeof PlanningLine>[0]['planning']) => {
    const [onStop, onResume] = [vi.fn(), vi.fn()];
    render(<PlanningLine planning={planning} onStop={onStop} onResume={onResume} />);
    return { onStop, onResume };
  };

  it('tells sheets so far and the fewest there can be, and can be stopped', () => {
    const { onStop } = show({ kind: 'planning', plan: cuts });
    expect(screen.getByRole('status').textContent).toContain(
      `${newSheets(cuts)} sheets so far, at least ${leastSheets(cuts)}.`,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Stop' }));
    expect(onStop).toHaveBeenCalledOnce();
  });

  it('stopped or failed, goes on when asked', () => {
    const ended = show({ kind: 'ended', plan: undefined });
    expect(screen.getByRole('status').textContent).toContain('Stopped.');
    fireEvent.click(screen.getByRole('button', { name: 'Plan on' }));
    expect(ended.onResume).toHaveBeenCalledOnce();
    cleanup();
    const failed = show({ kind: 'failed' });
    expect(screen.getByRole('alert').textContent).toContain('nothing is lost');
    fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
    expect(failed.onResume).toHaveBeenCalledOnce();
  });
});

describe('the form of a batch', () => {
  const show = (making = plainMaking) => {
    const onChange = vi.fn();
    render(<BatchForm making={making} onChange={onChange} />);
    return onChange;
  };
  const spares = () => screen.getByRole('textbox', { name: 'Spares' });
  const give = (value: string) => {
    fireEvent.change(spares(), { target: { value } });
    fireEvent.keyDown(spares(), { key: 'Enter' });
  };

  it('counts spares by the piece, and by the hundred once that is chosen', () => {
    const onChange = show();
    give('2');
    fireEvent.change(screen.getByLabelText('How spares are counted'), {
      target: { value: 'percent' },
    });
    expect(onChange.mock.calls).toEqual([
      [{ spares: { by: 'each', count: 2 } }],
      [{ spares: { by: 'percent', percent: 5 } }],
    ]);
    cleanup();
    const inHundred = show({ ...plainMaking, spares: { by: 'percent', percent: 5 } });
    give('2.5');
    give('101');
    expect(inHundred.mock.calls).toEqual([[{ spares: { by: 'percent', percent: 2.5 } }]]);
    expect(screen.getByRole('alert').textContent).toContain('100 in a hundred');
  });

  it('leaves leftovers alone when told to', () => {
    const onChange = show();
    fireEvent.click(screen.getByLabelText('Cut leftovers up first'));
    expect(onChange.mock.calls).toEqual([[{ usesLeftovers: false }]]);
  });
});
