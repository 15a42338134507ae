import { flattenPath } from '../../geometry/flattenPath';
import { contains } from '../../outline/distance';
import type { Length } from '../../length/length';
import type { Stamp } from '../../plan/libraryItem';
import { areaPath, stampAreas } from './stampAreas';
import { pointWithin } from './pointWithin';

/** Which of the areas its lines enclose are open in a stamp, by their index; other prints are seen there. */
export function openAreas(stamp: Stamp, gap: Length): readonly number[] {
  if (!stamp.openings) return [];
  const openings = flattenPath(stamp.openings);
  return stampAreas(stamp, gap).flatMap((area, at) =>
    contains(openings, pointWithin(area)) ? [at] : [],
  );
}

/**
 * A stamp with these of the areas its lines enclose open, and none else.
 * @param open by their index; one there is not is left out
 */
export function withOpenings(stamp: Stamp, gap: Length, open: readonly number[]): Stamp {
  const path = stampAreas(stamp, gap)
    .filter((_, at) => open.includes(at))
    .map(areaPath)
    .join('');
  const { box, outline } = stamp.shape;
  // How an older version was trimmed is told by the version that did it.
  const shape = { box, outline };
  return { ...stamp, shape, openings: path === '' ? undefined : path };
}
