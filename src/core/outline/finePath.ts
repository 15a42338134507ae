import type { Polygon } from '../geometry/flattenPath';
import type { Outline } from './outline';

/** Areas of drawings are reckoned in tenths of their units, on whole numbers. */
export const fine = 10;

export function toFine(polygon: Polygon): Polygon {
  return polygon.map(({ x, y }) => ({ x: Math.round(x * fine), y: Math.round(y * fine) }));
}

/** The closed paths of an outline in tenths, in units of its drawing again. */
export function writeFine(outline: Outline): string {
  return outline
    .map((polygon) => `M${polygon.map(({ x, y }) => `${x / fine} ${y / fine}`).join('L')}Z`)
    .join('');
}
