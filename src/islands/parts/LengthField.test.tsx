import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { ticksOf, typed } from '../../../test/support/plans';
import type { Unit } from '../../core/length/length';
import type { TypedLength } from '../../core/length/typedLength';
import { LengthField } from './LengthField';

afterEach(cleanup);

function show(value: TypedLength, unit: Unit = 'in', isPositive = false) {
  const onPreview = vi.fn();
  const onCommit = vi.fn();
  render(
    <LengthField
      label="all round"
      value={value}
      unit={unit}
      isPositive={isPositive}
      onPreview={onPreview}
      onCommit={onCommit}
    />,
  );
  const field = screen.getByLabelText<HTMLInputElement>('all round');
  const type = (text: string) => fireEvent.change(field, { target: { value: text } });
  const press = (key: string) => fireEvent.keyDown(field, { key });
  return { field, type, press, onPreview, onCommit };
}

describe('a field for a length', () => {
  it('shows every keystroke that parses, and keeps it with Enter and the text typed', () => {
    const { type, press, onPreview, onCommit } = show(typed('1/8'));
    type('3/1');
    type('3/16');
    expect(onPreview).toHaveBeenLastCalledWith({ ticks: ticksOf('3/16'), typed: '3/16' });
    expect(onCommit).not.toHaveBeenCalled();
    press('Enter');
    expect(onCommit).toHaveBeenCalledWith({ ticks: ticksOf('3/16'), typed: '3/16' });
  });

  it('says what is wrong and how to mend it, keeps the text, and changes nothing', () => {
    const { field, type, press, onPreview, onCommit } = show(typed('1/8'));
    type('4 q');
    expect(screen.getByRole('alert').textContent).toContain('“q” does not belong in a figure');
    expect(field.getAttribute('aria-invalid')).toBe('true');
    expect(onPreview).toHaveBeenLastCalledWith(undefined);
    press('Enter');
    fireEvent.blur(field);
    expect(onCommit).not.toHaveBeenCalled();
    expect(field.value).toBe('4 q');
  });

  it('keeps a figure once, though it is drawn while typed and the field is left after Enter', () => {
    const onCommit = vi.fn();
    function Drawn() {
      const [preview, setPreview] = useState<TypedLength>();
      const value = preview ?? typed('1/8');
      const props = { label: 'all round', value, unit: 'in', onCommit } as const;
      return <LengthField {...props} onPreview={setPreview} />;
    }
    render(<Drawn />);
    const field = screen.getByLabelText('all round');
    fireEvent.change(field, { target: { value: '1/4' } });
    fireEvent.keyDown(field, { key: 'Enter' });
    fireEvent.blur(field);
    expect(onCommit.mock.calls).toEqual([[{ ticks: ticksOf('1/4'), typed: '1/4' }]]);
  });

  it('takes back what is being typed with Escape', () => {
    const { field, type, press, onCommit } = show(typed('1/8'));
    type('9');
    press('Escape');
    expect(field.value).toBe('1/8');
    fireEvent.blur(field);
    expect(onCommit).not.toHaveBeenCalled();
  });

  it('goes from mark to mark with the step keys', () => {
    const { field, press } = show(typed('1/8'));
    press(']');
    expect(field.value).toBe('3/16');
    press('ArrowDown');
    press('[');
    expect(field.value).toBe('1/16');
  });

  it('shows an untouched figure exactly, in whatever unit can say it', () => {
    expect(show({ ticks: ticksOf('148.5 mm') }).field.value).toBe('148.5 mm');
    cleanup();
    expect(show({ ticks: ticksOf('1/8') }, 'mm').field.value).toBe('3.175');
    cleanup();
    expect(show({ ticks: ticksOf('4 1/8'), typed: '4 1/4 - 1/8' }).field.value).toBe('4 1/4 - 1/8');
  });

  it('refuses nothing at all where a figure must be more', () => {
    const { type, press, onCommit } = show(typed('1/8'), 'in', true);
    type('0');
    press('Enter');
    expect(screen.getByRole('alert').textContent).toContain('above 0');
    expect(onCommit).not.toHaveBeenCalled();
  });
});

describe('a distance that may be negative', () => {
  it('is read with its sign, and steps across zero', () => {
    const onCommit = vi.fn();
    render(
      <LengthField
        label="from the left"
        value={{ ticks: 0 as never }}
        unit="in"
        isSigned
        onPreview={vi.fn()}
        onCommit={onCommit}
      />,
    );
    const field = screen.getByLabelText('from the left');
    fireEvent.keyDown(field, { key: 'ArrowDown' });
    expect((field as HTMLInputElement).value).toBe('-1/16');
    fireEvent.change(field, { target: { value: '-1/4' } });
    fireEvent.keyDown(field, { key: 'Enter' });
    expect(onCommit).toHaveBeenCalledWith({ ticks: -101_600, typed: '-1/4' });
  });
});

describe('a field that goes away', () => {
  it('takes back what was typed in it, and leaves the preview of another alone', () => {
    const onPreview = vi.fn();
    const field = () => (
      <LengthField
        label="from the left"
        value={{ ticks: 0 as never }}
        unit="in"
        onPreview={onPreview}
        onCommit={vi.fn()}
      />
    );
    render(field()).unmount();
    expect(onPreview).not.toHaveBeenCalled();
    const typing = render(field());
    fireEvent.change(screen.getByLabelText('from the left'), { target: { value: '1/4' } });
    typing.unmount();
    expect(onPreview).toHaveBeenLastCalledWith(undefined);
  });
});

describe('a field where a size is asked', () => {
  const showSize = () => {
    const [onSize, onCommit] = [vi.fn(), vi.fn()];
    render(
      <LengthField
        label="width"
        value={typed('1')}
        unit="in"
        onSize={onSize}
        onPreview={vi.fn()}
        onCommit={onCommit}
      />,
    );
    const field = screen.getByLabelText<HTMLInputElement>('width');
    field.focus();
    return { field, onSize, onCommit };
  };

  it('takes both sides at once, and Enter leaves it', () => {
    const { field, onSize, onCommit } = showSize();
    fireEvent.change(field, { target: { value: '3 1/4 x 7 3/4' } });
    expect(screen.queryByRole('alert')).toBeNull();
    fireEvent.keyDown(field, { key: 'Enter' });
    expect(onSize.mock.calls[0]?.[0]).toMatchObject({
      width: { ticks: ticksOf('3 1/4') },
      height: { ticks: ticksOf('7 3/4') },
    });
    expect(onCommit).not.toHaveBeenCalled();
    expect(document.activeElement).toBe(document.body);
  });

  it('still says what is wrong with one, and Escape takes it back and leaves', () => {
    const { field, onSize, onCommit } = showSize();
    fireEvent.change(field, { target: { value: '3 1/4 x' } });
    expect(screen.getByRole('alert')).toBeTruthy();
    fireEvent.keyDown(field, { key: 'Escape' });
    expect(document.activeElement).toBe(document.body);
    expect(field.value).toBe('1');
    expect([onSize, onCommit].map(({ mock }) => mock.calls.length)).toEqual([0, 0]);
  });
});
