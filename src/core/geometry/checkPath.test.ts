import { describe, expect, it } from 'vitest';
import { checkPath, mostOutlinePoints } from './checkPath';

describe('a path is looked at before it is kept', () => {
  it.each([
    ['Z', 'should start with'],
    ['M0 0A0 0', 'missed param'],
    ['M', 'missed param'],
    ['M0 0H1e999V1Z', 'too far'],
    ['M0 0L1e9 0L0 1e9Z', 'too far'],
    ['M0 0', 'encloses nothing'],
    ['M0 0L1 1', 'encloses nothing'],
  ])('%s is no outline: it %s', (path, reason) => {
    expect(checkPath(path, 'outline')).toContain(reason);
  });

  it('takes a line as a drawing, but not as an outline', () => {
    expect(checkPath('M0 0L5 5', 'drawing')).toBeUndefined();
    expect(checkPath('M0 0H5V5Z', 'outline')).toBeUndefined();
  });

  it('counts points once curves are chords, so that a short text cannot ask for endless work', () => {
    const saw = (teeth: number) =>
      `M0 0${Array.from({ length: teeth }, (_, at) => `L${at} ${at % 2}`).join('')}Z`;
    expect(checkPath(saw(mostOutlinePoints - 1), 'outline')).toBeUndefined();
    expect(checkPath(saw(7000), 'outline')).toContain('at most 6000');
    expect(checkPath(saw(7000), 'drawing')).toBeUndefined();
    // A rosette of petals: each an arc that goes out and comes back, so that all are as large as the whole.
    const petals = `M0 0${'c90 10 90 90 0 0c-90 10 -90 90 0 0'.repeat(300)}Z`;
    expect(petals.length).toBeLessThan(12_000);
    expect(checkPath(petals, 'outline')).toMatch(/has \d{5} points; at most 6000/);
  });
});
