import { svgPathBbox } from 'svg-path-bbox';
import svgpath from 'svgpath';
import { flattenPath } from '../geometry/flattenPath';
import { lengthFromTicks, type Size } from '../length/length';
import { collectShapes, type SvgShape } from './collectShapes';
import { drawingScale } from './drawingScale';
import type { SvgIssue } from './svgIssue';
import { parseSvg } from './svgNode';

/**
 * A drawing as it was read: its shapes in a box of their own, a thousand units to the longer side. The box is that of the
 * ways of its lines, not of their width: along its way a line is cut.
 */
export interface SvgDrawing {
  readonly box: { readonly width: number; readonly height: number };
  /** The closed paths of all shapes; a path inside another is a window (even-odd). Empty where there are only lines. */
  readonly outline: string;
  /** In the order they are drawn, the lowest first. */
  readonly shapes: readonly SvgShape[];
  /** The true size of the box, where the file says in what unit it is drawn. */
  readonly size: Size | undefined;
  /** How many paths were open and have been closed for the outline. */
  readonly closed: number;
}

export type ReadSvgDrawing =
  | { readonly ok: true; readonly drawing: SvgDrawing }
  | { readonly ok: false; readonly issue: SvgIssue };

/** Characters of path data that are kept. */
const mostPath = 60_000;
/** Units of the longer side: they keep a tenth of a unit finer than any die is cut. */
const longerSide = 1000;

/** Reads a drawing as SVG, so far as it says what is cut, printed or coloured. */
export function readSvgDrawing(text: string): ReadSvgDrawing {
  const parsed = parseSvg(text);
  if (!parsed.ok) return parsed;
  const found = collectShapes(parsed.root);
  if (!found.ok) return found;
  const scale = drawingScale(parsed.root);
  // A drawing that is stretched into its size is stretched here, so that its box has the proportions it is to have.
  const stretch = scale ? scale.y / scale.x : 1;
  const shapes = found.shapes
    .filter(({ fill, stroke }) => fill !== undefined || stroke !== undefined)
    .map((shape) => ({ ...shape, path: svgpath(shape.path).scale(1, stretch).abs().toString() }));
  const [left, top, right, bottom] = boundsOfShapes(shapes);
  const [width, height] = [right - left, bottom - top];
  if (!(width > 0 && height > 0)) return fail('no-outline');
  const units = longerSide / Math.max(width, height);
  const placed = shapes.map((shape) => ({
    ...shape,
    path: svgpath(shape.path).translate(-left, -top).scale(units).round(2).toString(),
    strokeWidth: round(shape.strokeWidth * units),
  }));
  const { path: outline, closed } = closedParts(placed);
  if (placed.reduce((length, { path }) => length + path.length, 0) > mostPath)
    return fail('too-detailed');
  const ticks = (value: number) => lengthFromTicks(Math.round(value * (scale?.x ?? 0)));
  return {
    ok: true,
    drawing: {
      box: { width: round(width * units), height: round(height * units) },
      outline,
      shapes: placed,
      size: scale && { width: ticks(width), height: ticks(height) },
      closed,
    },
  };
}

const round = (value: number) => Math.round(value * 100) / 100;
const fail = (code: 'no-outline' | 'too-detailed'): ReadSvgDrawing => ({
  ok: false,
  issue: { code },
});

/** The ways of all lines and areas; what encloses nothing and is no line is not there. */
function boundsOfShapes(shapes: readonly SvgShape[]): readonly [number, number, number, number] {
  const drawn = shapes.filter(
    ({ fill, path }) => fill === undefined || flattenPath(path).length > 0,
  );
  return svgPathBbox(drawn.map(({ path }) => path).join(''));
}

/** Each part that encloses something, closed; lines that enclose nothing are left out. */
function closedParts(shapes: readonly SvgShape[]): {
  readonly path: string;
  readonly closed: number;
} {
  let closed = 0;
  const parts = shapes
    .flatMap(({ path }) => svgpath(path).abs().unarc().unshort().toString().split(/(?=M)/))
    .flatMap((part) => {
      if (part.trim() === '' || flattenPath(part).length === 0) return [];
      const isOpen = !/z\s*$/i.test(part);
      if (isOpen) closed += 1;
      return [isOpen ? `${part}Z` : part];
    });
  return { path: parts.join(''), closed };
}
