import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { plainMaking } from '../../../core/plan/plainPlan';
import { BatchForm } from './BatchForm';

afterEach(cleanup);

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
