import { expect, it } from 'vitest';
import { contrast } from './contrast';

it('is that of the published guidelines: 21 for black on white, 4.5 for this grey', () => {
  // WCAG 2.2, understanding 1.4.3: #767676 is the lightest grey of 4.5 to 1 on white.
  expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 1);
  expect(contrast('#767676', '#ffffff')).toBeCloseTo(4.54, 1);
  expect(contrast('#336699', '#336699')).toBe(1);
});
