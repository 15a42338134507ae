import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import { Dialog } from './Dialog';

afterEach(cleanup);

function Asking() {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <button type="button" onClick={() => setOpen(true)}>
        Ask
      </button>
      {isOpen && (
        <Dialog title="A question" onClose={() => setOpen(false)}>
          <button type="button" onClick={() => setOpen(false)}>
            Answer
          </button>
        </Dialog>
      )}
    </>
  );
}

describe('a dialog', () => {
  it('gives the focus back to what opened it', async () => {
    render(<Asking />);
    const ask = screen.getByRole('button', { name: 'Ask' });
    ask.focus();
    fireEvent.click(ask);
    const answer = screen.getByRole('button', { name: 'Answer' });
    await waitFor(() => expect(document.activeElement).toBe(answer));
    fireEvent.click(answer);
    await waitFor(() => expect(document.activeElement).toBe(ask));
  });
});
