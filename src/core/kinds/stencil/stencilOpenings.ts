import svgpath from 'svgpath';
import { flattenPath } from '../../geometry/flattenPath';
import { contains } from '../../outline/distance';
import type { Outline } from '../../outline/outline';

/** An opening of a stencil's layer, in the units of its drawing. */
export interface Opening {
  readonly path: string;
  readonly outline: Outline;
}

/** By their paths, which never change. */
const known = new Map<string, readonly Opening[]>();

/** So many drawings are remembered; a card has a handful. */
const most = 50;

/** The openings of a path in the order they are drawn; a line within another belongs to the opening of that. */
export function openingsOf(path: string): readonly Opening[] {
  const before = known.get(path);
  if (before) return before;
  const lines = svgpath(path)
    .abs()
    .toString()
    .split(/(?=M)/)
    .map((line): Opening => ({ path: line, outline: flattenPath(line) }))
    .filter(({ outline }) => outline.length > 0);
  const isWithin = (line: Opening, other: Opening) => {
    const [point] = line.outline[0] ?? [];
    return other !== line && point !== undefined && contains(other.outline, point);
  };
  const outer = lines.filter((line) => !lines.some((other) => isWithin(line, other)));
  const openings = outer.map((line) => {
    const all = [line, ...lines.filter((other) => isWithin(other, line))];
    return {
      path: all.map((each) => each.path).join(''),
      outline: all.flatMap(({ outline }) => outline),
    };
  });
  if (known.size >= most) known.clear();
  known.set(path, openings);
  return openings;
}

/** Some openings of a path, as one. */
export function joinedOpenings(path: string, which: (opening: number) => boolean): string {
  return openingsOf(path)
    .filter((_, index) => which(index))
    .map((opening) => opening.path)
    .join('');
}
