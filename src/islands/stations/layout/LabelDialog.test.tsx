import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { library } from '../../../../test/support/plans';
import { diesThatHold } from '../../../core/composition/diesThatHold';
import { inches } from '../../../core/length/length';
import { LabelDialog } from './LabelDialog';

afterEach(cleanup);

describe('a label that is asked for', () => {
  it('is one of the dies that hold the words, or the reason there is none', () => {
    const onTake = vi.fn();
    const size = { width: inches(3), height: inches(1) };
    const choices = diesThatHold(library, size, inches(0, 1, 8));
    const show = (some: typeof choices) =>
      render(
        <LabelDialog name="words" choices={some} unit="in" onTake={onTake} onClose={vi.fn()} />,
      );
    show(choices);
    fireEvent.click(screen.getByRole('button', { name: /Cove rectangles/ }));
    expect(onTake).toHaveBeenCalledWith(choices[0]);
    cleanup();
    show([]);
    expect(screen.getByText(/No die of the stash is large enough/)).toBeTruthy();
  });
});
