import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { CopiesField } from './CopiesField';

afterEach(cleanup);

describe('the copies', () => {
  const show = () => {
    const onCommit = vi.fn();
    render(<CopiesField copies={1} onCommit={onCommit} />);
    const field = screen.getByLabelText<HTMLInputElement>('Copies');
    const give = (value: string) => {
      fireEvent.change(field, { target: { value } });
      fireEvent.keyDown(field, { key: 'Enter' });
    };
    return { field, give, onCommit };
  };

  it.each(['0', '10001', '2.5', '-1', 'two', ''])(
    'refuse %j in a sentence and keep it to be mended',
    (text) => {
      const { field, give, onCommit } = show();
      give(text);
      expect(screen.getByRole('alert').textContent).toContain('from 1 to 10 000');
      expect(field.value).toBe(text);
      expect(onCommit).not.toHaveBeenCalled();
    },
  );

  it('take a whole number, after a refusal too', () => {
    const { give, onCommit } = show();
    give('none');
    give('24');
    expect(onCommit.mock.calls).toEqual([[24]]);
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
