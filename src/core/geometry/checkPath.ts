import { flattenPath, pathIssue, type Polygon } from './flattenPath';

/** What a path is to be drawn as: `outline` closed, round an area; `drawing` lines or areas. */
export type PathUse = 'outline' | 'drawing';

/**
 * Points an outline may have once its curves are chords. What outlines are asked (how near, what covers what) grows
 * with the product of their points; the most detailed of our own has 500.
 */
export const mostOutlinePoints = 6000;

/** Points a drawing may have that is printed and filled but never measured. */
export const mostDrawingPoints = 40_000;

/** Further from the corner of its box than this, in its own units, figures lose their last digits. */
const furthest = 1e7;

/**
 * What keeps a path from being drawn, in words that follow 'the outline' or 'the drawing'; undefined where nothing does.
 * @example checkPath('Z', 'outline') // 'should start with `M` or `m`'
 */
export function checkPath(path: string, use: PathUse): string | undefined {
  const issue = pathIssue(path);
  if (issue !== undefined) return issue.replace(/^SvgPath: (string )?/, '');
  const most = use === 'outline' ? mostOutlinePoints : mostDrawingPoints;
  const polygons = flattenPath(path);
  const points = polygons.reduce((sum, polygon) => sum + polygon.length, 0);
  if (points > most) return `has ${points} points; at most ${most} can be worked with`;
  if (!polygons.every(isNear)) return 'reaches too far from its box';
  return use === 'outline' && polygons.length === 0 ? 'encloses nothing' : undefined;
}

function isNear(polygon: Polygon): boolean {
  return polygon.every(({ x, y }) => Math.abs(x) <= furthest && Math.abs(y) <= furthest);
}
