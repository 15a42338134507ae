import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { inches } from '../../core/length/length';
import { defaultHabits, type Habits } from '../../core/plan/habits';
import { ruleIds } from '../../core/plan/rules';
import { ruleWords } from '../words/ruleWords';
import { HabitsForm } from './HabitsForm';

afterEach(cleanup);

function show(habits: Habits = defaultHabits('in')) {
  const onChange = vi.fn<(change: Partial<Habits>) => void>();
  render(<HabitsForm habits={habits} onChange={onChange} />);
  return onChange;
}

describe('the form of the habits', () => {
  it('keeps a figure as it is typed and leaves the others alone', () => {
    const onChange = show();
    const rim = screen.getByLabelText('Rim left of a cut-out mat');
    fireEvent.change(rim, { target: { value: '3/4' } });
    fireEvent.keyDown(rim, { key: 'Enter' });
    expect(onChange.mock.calls).toEqual([[{ rim: { ticks: inches(0, 3, 4), typed: '3/4' } }]]);
  });

  it('changes one usual border of one school', () => {
    const habits = defaultHabits('in');
    const onChange = show(habits);
    const fine = screen.getByLabelText('fine border, mm');
    fireEvent.change(fine, { target: { value: '1.5' } });
    fireEvent.keyDown(fine, { key: 'Enter' });
    const reveals = onChange.mock.calls[0]?.[0].reveals;
    expect(reveals?.in).toEqual(habits.reveals.in);
    expect(reveals?.mm).toEqual({
      ...habits.reveals.mm,
      fine: { ticks: 24_000, typed: '1.5' },
    });
  });

  it('takes minutes of the house for a kind of step, and gives them up when emptied', () => {
    const onChange = show({ ...defaultHabits('in'), stepMinutes: { blend: 9 } });
    fireEvent.click(screen.getByText(/Minutes of each kind of step: 1 of your own/));
    const type = (name: string, value: string) => {
      const field = screen.getByLabelText(name);
      fireEvent.change(field, { target: { value } });
      fireEvent.keyDown(field, { key: 'Enter' });
    };
    type('Blend', '0');
    expect(screen.getByRole('alert').textContent).toMatch(/from 0.5 to 600/);
    type('Blend', '');
    type('Stamp', '1,5');
    expect(onChange.mock.calls.map(([{ stepMinutes }]) => stepMinutes)).toEqual([
      {},
      { blend: 9, stamp: 1.5 },
    ]);
  });

  it('has each rule once, switched on and off by its words', () => {
    const onChange = show({ ...defaultHabits('in'), rulesOff: ['near-colours'] });
    for (const rule of ruleIds) {
      const box = screen.getByLabelText<HTMLInputElement>(ruleWords[rule]);
      expect(box.checked).toBe(rule !== 'near-colours');
    }
    fireEvent.click(screen.getByLabelText(ruleWords['thin-reveal']));
    fireEvent.click(screen.getByLabelText(ruleWords['near-colours']));
    expect(onChange.mock.calls.map(([{ rulesOff }]) => rulesOff)).toEqual([
      ['thin-reveal', 'near-colours'],
      [],
    ]);
  });

  it('never leaves the trimmer without marks', () => {
    const onChange = show();
    expect(screen.getByLabelText<HTMLInputElement>('1⁄16 in').disabled).toBe(true);
    fireEvent.click(screen.getByLabelText('1 mm'));
    expect(onChange.mock.calls[0]?.[0].trimmerMarks?.map(({ ticks }) => ticks)).toEqual([
      inches(0, 1, 16),
      16_000,
    ]);
  });
});
