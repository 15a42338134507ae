import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Unit } from '../../core/length/length';
import type { HouseMail } from '../../core/stash/houseMail';
import { plainMail } from '../../core/stash/plainMail';
import { PostageForm } from './PostageForm';

afterEach(cleanup);

const today = '2027-01-15';
function show(mail: HouseMail = plainMail, unit: Unit = 'in') {
  const onChange = vi.fn<(next: HouseMail) => void>();
  render(<PostageForm mail={mail} unit={unit} today={today} onChange={onChange} />);
  return onChange;
}
function give(label: string, value: string) {
  const [field] = screen.getAllByLabelText(label);
  if (!field) throw new Error(`no ${label}`);
  fireEvent.change(field, { target: { value } });
  fireEvent.blur(field);
}

describe('the postage of a team', () => {
  it('is a price of a class, told today, and none again where it is emptied', () => {
    const onChange = show();
    give('One Letter, not machinable costs', '1.19');
    const price = { hundredths: 119, asOf: today };
    expect(onChange).toHaveBeenLastCalledWith({
      home: null,
      classes: { 'us-nonmachinable': { price, limits: null } },
    });
    cleanup();
    const again = show({ ...plainMail, classes: { 'us-nonmachinable': { price, limits: null } } });
    give('One Letter, not machinable costs', '');
    expect(again.mock.lastCall?.[0].classes['us-nonmachinable']?.price).toBeNull();
  });

  it('has limits in the unit that leads, and keeps only those that differ', () => {
    const onChange = show(plainMail, 'mm');
    const field = screen.getAllByLabelText('Thickest Letter, not machinable')[0];
    expect(field).toHaveProperty('value', '6.35');
    give('Thickest Letter, not machinable', '5');
    const limits = onChange.mock.lastCall?.[0].classes['us-nonmachinable']?.limits;
    expect(limits).toMatchObject({ thickness: { ticks: 80_000 }, long: null, asOf: today });
    cleanup();
    const back = show({
      ...plainMail,
      classes: { 'us-nonmachinable': { price: null, limits: limits ?? null } },
    });
    give('Thickest Letter, not machinable', '0.25');
    expect(back.mock.lastCall?.[0].classes['us-nonmachinable']?.limits).toBeNull();
  });

  it('is by one authority, and what cannot be is refused', () => {
    const onChange = show();
    fireEvent.change(screen.getByLabelText('The team posts by'), { target: { value: 'uk' } });
    expect(onChange).toHaveBeenLastCalledWith({ home: 'uk', classes: {} });
    onChange.mockClear();
    give('Heaviest Letter, not machinable', 'heavy');
    expect(onChange).not.toHaveBeenCalled();
    expect(screen.getByText(/A figure, or nothing/)).toBeTruthy();
  });
});
