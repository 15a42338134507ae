import type { Layer, Line, Shape, Text } from './shape';
import { TICKS_PER_INCH, TICKS_PER_MILLIMETRE } from '../length/length';

const mm = TICKS_PER_MILLIMETRE;
const ink = '#1e2428';
const look: Line = { colour: ink, width: 0.25 * mm };

/** The lines by which a print is checked: a ruler laid on them must agree. */
export const checkLines = { inch: TICKS_PER_INCH, metric: 25 * mm } as const;

/** The room they take at the foot of a page. */
export const checkFoot = 14 * mm;

/** Names and the like are 3 mm high. */
export const nameHeight = 3 * mm;

/** The check lines at the foot of a page so high, and its words with what the lines are. */
export function checkLayers(height: number, words: readonly Shape[]): readonly Layer[] {
  const [upper, lower] = [height - checkFoot + 3 * mm, height - checkFoot + 6 * mm];
  const ruled = (y: number, length: number) => [
    lineFrom(0, y, length, y, look),
    lineFrom(0, y - mm, 0, y + mm, look),
    lineFrom(length, y - mm, length, y + mm, look),
  ];
  const told = 'print at 100 %: the upper line is 1 in, the lower 25 mm';
  return [
    {
      id: 'check',
      shapes: [...ruled(upper, checkLines.inch), ...ruled(lower, checkLines.metric)],
    },
    { id: 'text', shapes: [...words, nameAt(0, height - checkFoot + 10.5 * mm, told)] },
  ];
}

/** A straight line. */
export function lineFrom(x1: number, y1: number, x2: number, y2: number, line: Line): Shape {
  return {
    kind: 'line',
    points: [
      { x: x1, y: y1 },
      { x: x2, y: y2 },
    ],
    line,
  };
}

/** Words from the left end of their baseline. */
export function nameAt(x: number, y: number, words: string): Text {
  return {
    kind: 'text',
    align: 'left',
    lettering: 'plain',
    x,
    y,
    words,
    height: nameHeight,
    colour: ink,
  };
}
