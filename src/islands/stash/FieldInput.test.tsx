import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { itemFields } from '../../core/stash/itemFields';
import { FieldInput } from './FieldInput';
import { give } from '../../../test/support/stash';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe('a property of a thing', () => {
  const fieldOf = (key: string) => {
    const field = itemFields.stock.find((each) => each.key === key);
    if (!field) throw new Error(`no ${key}`);
    return field;
  };
  const show = (key: string, text: string) => {
    const onCommit = vi.fn();
    render(<FieldInput field={fieldOf(key)} text={text} unit="in" onCommit={onCommit} />);
    return { input: screen.getByLabelText(fieldOf(key).label), onCommit };
  };

  it('is kept when it can be read, and told beneath when it cannot', () => {
    const { input, onCommit } = show('weight', '216 g');
    give(input, '7 stone');
    expect(screen.getByRole('alert').textContent).toContain('Weight is 30 to 1000 g');
    expect(onCommit).not.toHaveBeenCalled();
    give(input, '110 lb cover');
    expect(screen.queryByRole('alert')).toBeNull();
    expect(onCommit.mock.calls).toEqual([['110 lb cover']]);
  });

  it('is chosen of a list, with nothing where it need not be known', () => {
    const { input, onCommit } = show('grain', 'long');
    const options = [...input.querySelectorAll('option')].map(({ value }) => value);
    expect(options).toEqual(['', 'long', 'short']);
    fireEvent.change(input, { target: { value: '' } });
    expect(onCommit.mock.calls).toEqual([['']]);
  });

  it('as a colour of its own may be let go', () => {
    const { onCommit } = show('bSide', '#f2efe6');
    fireEvent.click(screen.getByRole('button', { name: 'none of its own' }));
    expect(onCommit.mock.calls).toEqual([['']]);
  });

  it('is taken back by Escape, issue and all', () => {
    const { input, onCommit } = show('sheets', 'letter');
    give(input, 'foolscap');
    expect(screen.getByRole('alert').textContent).toContain('letter a4 a3 12x12 6x6');
    fireEvent.keyDown(input, { key: 'Escape' });
    expect(screen.queryByRole('alert')).toBeNull();
    expect((input as HTMLInputElement).value).toBe('letter');
    expect(onCommit).not.toHaveBeenCalled();
  });
});
