import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { chalk, library, moss } from '../../../../test/support/plans';
import type { PlainStrip } from '../../../core/composition/plainStrip';
import { diesThatHold } from '../../../core/composition/diesThatHold';
import { inches } from '../../../core/length/length';
import { LabelDialog } from './LabelDialog';

afterEach(cleanup);

const strip: PlainStrip = {
  size: { width: inches(3), height: inches(1) },
  stock: { ref: chalk, name: 'Chalk 216 g', isLeftover: true },
  mat: {
    size: { width: inches(3, 1, 4), height: inches(1, 1, 4) },
    border: inches(0, 1, 8),
    stock: { ref: moss, name: 'Moss 216 g', isLeftover: false },
  },
};

describe('a label that is asked for', () => {
  it('is one of the dies that hold the words, or the reason there is none', () => {
    const [onTake, onTakeStrip] = [vi.fn(), vi.fn()];
    const size = { width: inches(3), height: inches(1) };
    const choices = diesThatHold(library, size, inches(0, 1, 8));
    const show = (some: typeof choices, own?: PlainStrip) =>
      render(
        <LabelDialog
          name="words"
          strip={own}
          choices={some}
          unit="in"
          onTake={onTake}
          onTakeStrip={onTakeStrip}
          onClose={vi.fn()}
        />,
      );
    show(choices, strip);
    fireEvent.click(screen.getByRole('button', { name: /plain strip.*leftover of Chalk/ }));
    fireEvent.click(screen.getByRole('button', { name: /mat that shows 1⁄8.*of Moss/ }));
    expect(onTakeStrip.mock.calls).toEqual([
      [strip, false],
      [strip, true],
    ]);
    fireEvent.click(screen.getByRole('button', { name: /Cove rectangles/ }));
    expect(onTake).toHaveBeenCalledWith(choices[0]);
    cleanup();
    show([]);
    expect(screen.getByText(/No die of the stash holds it.*Make the words/)).toBeTruthy();
  });
});
