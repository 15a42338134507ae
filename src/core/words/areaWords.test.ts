import { expect, it } from 'vitest';
import { writeArea } from './areaWords';

it('an area is told in the square of its unit, and one that is there never as nothing', () => {
  const inch = 406_400;
  expect(writeArea(inch ** 2 / 4, 'in')).toBe('0.25 in²');
  expect(writeArea(inch ** 2, 'mm')).toBe('6.45 cm²');
  expect(writeArea(1, 'in')).toBe('under 0.01 in²');
  expect(writeArea(0, 'in')).toBe('0.00 in²');
});
