import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { inches } from '../../../core/length/length';
import { ScatterDialog } from './ScatterDialog';

afterEach(cleanup);

describe('a scatter that is asked for', () => {
  it('has the sizes and counts of the school, and hands on what was changed', () => {
    const onScatter = vi.fn();
    render(<ScatterDialog unit="in" onScatter={onScatter} onClose={vi.fn()} />);
    fireEvent.change(screen.getByLabelText('How many of size 1'), { target: { value: '2' } });
    fireEvent.change(screen.getByLabelText('denser'), { target: { value: 'bottom' } });
    fireEvent.change(screen.getByLabelText('another fall of the same'), { target: { value: '7' } });
    fireEvent.click(screen.getByRole('button', { name: 'Scatter 28 dots' }));
    expect(onScatter).toHaveBeenCalledWith(
      expect.objectContaining({
        sizes: [
          { diameter: inches(0, 1, 8), count: 2 },
          { diameter: inches(0, 3, 32), count: 9 },
          { diameter: inches(0, 1, 16), count: 17 },
        ],
        denserAt: 'bottom',
        isOffImages: true,
        seed: 7,
      }),
    );
  });

  it('of nothing cannot be laid, and a count beyond reason is held', () => {
    render(<ScatterDialog unit="mm" onScatter={vi.fn()} onClose={vi.fn()} />);
    const set = (size: number, count: string) =>
      fireEvent.change(screen.getByLabelText(`How many of size ${size}`), {
        target: { value: count },
      });
    for (const size of [1, 2, 3]) set(size, '0');
    expect(screen.getByRole('button', { name: 'Scatter 0 dots' })).toHaveProperty('disabled', true);
    set(1, '900');
    expect(screen.getByRole('button', { name: 'Scatter 120 dots' })).toBeTruthy();
  });
});
