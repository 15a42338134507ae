import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { LinesField } from './LinesField';

afterEach(cleanup);

describe('words that are typed', () => {
  const show = () => {
    const [onPreview, onCommit] = [vi.fn(), vi.fn()];
    render(<LinesField lines={['hello']} onPreview={onPreview} onCommit={onCommit} />);
    return { field: screen.getByLabelText('Words, a line each'), onPreview, onCommit };
  };

  it('are drawn as they are typed, a line each, and kept when one leaves', () => {
    const { field, onPreview, onCommit } = show();
    fireEvent.change(field, { target: { value: 'happy \n\n birthday' } });
    expect(onPreview).toHaveBeenLastCalledWith(['happy', 'birthday']);
    expect(onCommit).not.toHaveBeenCalled();
    fireEvent.blur(field);
    expect(onCommit).toHaveBeenCalledWith(['happy', 'birthday']);
  });

  it('without a letter are refused and not kept; Escape takes them back', () => {
    const { field, onCommit } = show();
    fireEvent.change(field, { target: { value: '  ' } });
    expect(screen.getByRole('alert').textContent).toContain('at least one letter');
    fireEvent.blur(field);
    expect(onCommit).not.toHaveBeenCalled();
    fireEvent.keyDown(field, { key: 'Escape' });
    expect((field as HTMLTextAreaElement).value).toBe('hello');
  });
});
