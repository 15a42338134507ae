import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { library } from '../../../test/support/plans';
import type { LibraryId } from '../../core/plan/ids';
import { CopiesField } from './CopiesField';
import { StockSelect } from './StockSelect';
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

describe('choosing a stock', () => {
  const show = (id: string) => {
    const [onChange, onAskNew] = [vi.fn(), vi.fn()];
    const value = { id: id as LibraryId, version: 1 };
    render(<StockSelect label="Stock of B" {...{ library, value, onChange, onAskNew }} />);
    const select = screen.getByLabelText<HTMLSelectElement>('Stock of B');
    const choose = (text: string) => fireEvent.change(select, { target: { value: text } });
    return { select, choose, onChange, onAskNew };
  };

  it('gives the version chosen, or asks for a new one', () => {
    const { choose, onChange, onAskNew } = show('gone');
    choose('chalk@1');
    expect(onChange.mock.calls).toEqual([[{ id: 'chalk', version: 1 }]]);
    choose('new');
    expect(onAskNew).toHaveBeenCalledTimes(1);
    expect(onChange).toHaveBeenCalledTimes(1);
  });

  it('names a stock that is not in the stash', () => {
    const { select } = show('gone');
    expect(select.selectedOptions[0]?.textContent).toBe('not in the stash');
  });
});
