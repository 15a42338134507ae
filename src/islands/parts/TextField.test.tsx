import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { TextField } from './TextField';

afterEach(cleanup);

describe('a field for text', () => {
  const show = (isOptional: boolean) => {
    const onCommit = vi.fn();
    render(<TextField label="Name of B" value="Mat" isOptional={isOptional} onCommit={onCommit} />);
    const field = screen.getByLabelText<HTMLInputElement>('Name of B');
    const type = (value: string) => fireEvent.change(field, { target: { value } });
    return { field, type, onCommit };
  };

  it('keeps what was typed, trimmed, once', () => {
    const { field, type, onCommit } = show(false);
    type('  Dark mat ');
    fireEvent.blur(field);
    fireEvent.blur(field);
    expect(onCommit.mock.calls).toEqual([['Dark mat']]);
  });

  it('takes nothing or Escape back, and the same text is no change', () => {
    const { field, type, onCommit } = show(false);
    type('   ');
    fireEvent.blur(field);
    expect(field.value).toBe('Mat');
    type('Strip');
    fireEvent.keyDown(field, { key: 'Escape' });
    expect(field.value).toBe('Mat');
    type('Mat');
    fireEvent.blur(field);
    expect(onCommit).not.toHaveBeenCalled();
  });

  it('may be emptied where that is lawful', () => {
    const { field, type, onCommit } = show(true);
    type('');
    fireEvent.blur(field);
    expect(onCommit.mock.calls).toEqual([['']]);
  });
});
