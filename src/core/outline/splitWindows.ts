import { contains } from './distance';
import type { Polygon } from '../geometry/flattenPath';
import type { Outline } from './outline';

export interface SplitOutline {
  /** The outer lines. */
  readonly rims: readonly Polygon[];
  /** The lines inside another: what one sees through. None for plain paper. */
  readonly windows: readonly Polygon[];
}

/** Takes the windows of an outline apart from its rim. */
export function splitWindows(outline: Outline): SplitOutline {
  const isWindow = (polygon: Polygon) => {
    const [corner] = polygon;
    return (
      corner !== undefined &&
      outline.some((other) => other !== polygon && contains([other], corner))
    );
  };
  return {
    rims: outline.filter((polygon) => !isWindow(polygon)),
    windows: outline.filter(isWindow),
  };
}
