import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { leastSheets, newSheets } from '../../core/cutting/countSheets';
import { PlanningLine } from './PlanningLine';
import { cuts } from '../../../test/support/cutPlans';

afterEach(cleanup);

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
