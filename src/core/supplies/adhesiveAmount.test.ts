import { describe, expect, it } from 'vitest';
import { millimetres } from '../length/length';
import { defaultHabits } from '../plan/habits';
import { adhesiveAmount } from './adhesiveAmount';

describe('adhesive under a piece', () => {
  const habits = defaultHabits('mm');
  const size = { width: millimetres(100), height: millimetres(150) };

  // Worked by hand from the rates: 0.5 m of edge; 150 square centimetres.
  it('goes by edge or by area, as its kind does', () => {
    expect(adhesiveAmount('tape', size, habits)).toBeCloseTo(0.5, 12);
    expect(adhesiveAmount('liquid', size, habits)).toBeCloseTo(0.25, 12);
    expect(adhesiveAmount('foam', size, habits)).toBe(18);
  });

  it('has a square at each corner at least, and none where the house takes none', () => {
    const small = { width: millimetres(20), height: millimetres(20) };
    expect(adhesiveAmount('foam', small, habits)).toBe(4);
    const none = { ...habits, adhesiveRates: { ...habits.adhesiveRates, foam: 0 } };
    expect(adhesiveAmount('foam', small, none)).toBe(0);
  });
});
