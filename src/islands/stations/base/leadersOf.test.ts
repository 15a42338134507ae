import { describe, expect, it } from 'vitest';
import { leadersOf } from './leadersOf';

const caption = { top: 400, right: 620 };
const layer = (row: string, x: number, anchor: number) => ({
  key: row,
  row,
  box: { x, y: 100, width: 4, height: 300 },
  anchor,
});

/** The corners of a path of level and upright lines. */
function cornersOf(path: string) {
  let [x, y] = [0, 0];
  return [...path.matchAll(/([MHV])([\d.]+)(?: ([\d.]+))?/g)].map(([, way, first, second]) => {
    if (way !== 'V') x = Number(first);
    if (way === 'M') y = Number(second);
    if (way === 'V') y = Number(first);
    return { x, y };
  });
}

describe('leaders to the rows', () => {
  it('go straight where the row is level with its layer', () => {
    expect(leadersOf([layer('a', 500, 250)], 712, caption)[0]?.path).toBe('M502 250V250H712');
  });

  it('go out to the right of the caption where the row is below it', () => {
    const [leader] = leadersOf([layer('a', 500, 430)], 712, caption);
    expect(leader?.path).toBe('M502 394H620V430H712');
  });

  it('never cross one another below', () => {
    const rows = [layer('a', 580, 410), layer('b', 560, 440), layer('c', 570, 470)];
    const paths = leadersOf(rows, 712, caption).map(({ path }) => cornersOf(path));
    expect(paths).toHaveLength(3);
    const lanes = paths.map(([, turn]) => turn?.x ?? 0);
    const exits = paths.map(([dot]) => dot?.y ?? 0);
    // From the lowest row up: further right and further up each.
    expect(lanes).toEqual(lanes.toSorted((a, b) => a - b));
    expect(exits).toEqual(exits.toSorted((a, b) => b - a));
    expect(new Set(lanes).size).toBe(3);
    expect(new Set(exits).size).toBe(3);
  });

  it('keep before the rows where there is little room', () => {
    const rows = [layer('a', 580, 410), layer('b', 560, 440), layer('c', 570, 470)];
    for (const { path } of leadersOf(rows, 630, caption))
      for (const { x } of cornersOf(path)) expect(x).toBeLessThanOrEqual(630);
  });
});
