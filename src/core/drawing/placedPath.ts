import svgpath from 'svgpath';
import type { Area } from './shape';

/**
 * A path where it lies, so many units of a format to the tick. Its points are moved, and not the pen, so that lines are
 * as wide along as across.
 */
export function placedPath(
  { path, box, at, isMirrored = false }: Extract<Area, { kind: 'path' }>,
  unitsPerTick: number,
) {
  const across = (at.width / box.width) * unitsPerTick;
  const left = isMirrored ? at.x + at.width : at.x;
  return svgpath(path)
    .abs()
    .scale(isMirrored ? -across : across, (at.height / box.height) * unitsPerTick)
    .translate(left * unitsPerTick, at.y * unitsPerTick);
}
