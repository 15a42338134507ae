import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useKeys, type KeyAction } from './useKeys';

beforeEach(() => {
  localStorage.clear();
});
afterEach(cleanup);

function show(actions: Readonly<Record<string, KeyAction>>) {
  function Page() {
    const [areOn, setOn] = useKeys(actions);
    return (
      <>
        <input aria-label="figure" />
        <input type="checkbox" aria-label="step" />
        <button type="button" onClick={() => setOn(!areOn)}>
          {areOn ? 'on' : 'off'}
        </button>
      </>
    );
  }
  render(<Page />);
}
const press = (key: string, options: object = {}) =>
  fireEvent.keyDown(document.body, { key, ...options });

describe('keys', () => {
  it('do what they are set to, with their modifiers told apart', () => {
    const actions = {
      a: vi.fn(),
      '$mod+z': vi.fn(),
      '$mod+Shift+z': vi.fn(),
      'Alt+ArrowUp': vi.fn(),
    };
    show(actions);
    press('a');
    press('z', { ctrlKey: true });
    press('Z', { ctrlKey: true, shiftKey: true });
    press('ArrowUp', { altKey: true });
    press('ArrowUp');
    expect(Object.values(actions).map(({ mock }) => mock.calls.length)).toEqual([1, 1, 1, 1]);
  });

  it('keep the browser from a key they used, and leave it one they did not', () => {
    show({ a: () => undefined, b: () => false });
    // fireEvent gives back false where the default was prevented.
    expect(press('a')).toBe(false);
    expect(press('b')).toBe(true);
    expect(press('c')).toBe(true);
  });

  it('rest while a field has the focus', () => {
    const a = vi.fn();
    show({ a, '$mod+z': a });
    fireEvent.keyDown(screen.getByLabelText('figure'), { key: 'a' });
    fireEvent.keyDown(screen.getByLabelText('figure'), { key: 'z', ctrlKey: true });
    expect(a).not.toHaveBeenCalled();
  });

  it('go on working on a checkbox', () => {
    const a = vi.fn();
    show({ a });
    fireEvent.keyDown(screen.getByLabelText('step'), { key: 'a' });
    expect(a).toHaveBeenCalledOnce();
  });

  it('can be switched off for single characters, and this browser remembers it', () => {
    const [a, up, help] = [vi.fn(), vi.fn(), vi.fn()];
    show({ a, ArrowUp: up, '?': help });
    fireEvent.click(screen.getByRole('button', { name: 'on' }));
    press('a');
    press('ArrowUp');
    press('?');
    expect([a, up, help].map(({ mock }) => mock.calls.length)).toEqual([0, 1, 1]);
    cleanup();
    show({ a });
    press('a');
    expect(a).not.toHaveBeenCalled();
    expect(screen.getByRole('button', { name: 'off' })).toBeDefined();
  });
});
