import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { NumberField } from './NumberField';

afterEach(cleanup);

function show(props: Partial<Parameters<typeof NumberField>[0]> = {}) {
  const onCommit = vi.fn();
  render(
    <NumberField
      label="Metres"
      value={2}
      min={0}
      max={50}
      digits={2}
      issue="A number to 50."
      onCommit={onCommit}
      {...props}
    />,
  );
  const field = screen.getByLabelText<HTMLInputElement>('Metres');
  const give = (value: string) => {
    fireEvent.change(field, { target: { value } });
    fireEvent.keyDown(field, { key: 'Enter' });
  };
  return { field, give, onCommit };
}

describe('a field for a number', () => {
  it('reads a point or a comma, and keeps a figure once', () => {
    const { field, give, onCommit } = show();
    give('3.25');
    fireEvent.blur(field);
    give('3,5');
    expect(onCommit.mock.calls).toEqual([[3.25], [3.5]]);
  });

  it.each(['-1', '51', '1.234', 'two', '1e3', ''])(
    'refuses %j, says what it may be, keeps what was typed',
    (text) => {
      const { field, give, onCommit } = show();
      give(text);
      expect(onCommit).not.toHaveBeenCalled();
      expect(screen.getByRole('alert').textContent).toBe('A number to 50.');
      expect(field.value).toBe(text);
      expect(field.getAttribute('aria-invalid')).toBe('true');
      fireEvent.keyDown(field, { key: 'Escape' });
      expect(field.value).toBe('2');
      expect(screen.queryByRole('alert')).toBeNull();
    },
  );

  it('may be emptied where what it says need not be known', () => {
    const { give, onCommit } = show({ isOptional: true });
    give('');
    expect(onCommit.mock.calls).toEqual([[null]]);
  });

  it('takes whole numbers only where it has no digits, and the same figure is no change', () => {
    const { give, onCommit } = show({ digits: 0 });
    give('3.5');
    expect(screen.getByRole('alert')).toBeDefined();
    give('2');
    expect(onCommit).not.toHaveBeenCalled();
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('is left by Enter, and by Escape with nothing kept', () => {
    const { field, onCommit } = show();
    field.focus();
    fireEvent.change(field, { target: { value: '9' } });
    fireEvent.keyDown(field, { key: 'Escape' });
    expect(document.activeElement).toBe(document.body);
    expect([field.value, onCommit.mock.calls.length]).toEqual(['2', 0]);
    field.focus();
    fireEvent.change(field, { target: { value: '9' } });
    fireEvent.keyDown(field, { key: 'Enter' });
    expect(document.activeElement).toBe(document.body);
    expect(onCommit).toHaveBeenCalledTimes(1);
  });
});
