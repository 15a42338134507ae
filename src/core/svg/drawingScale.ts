import { TICKS_PER_INCH, TICKS_PER_MILLIMETRE } from '../length/length';
import { attributesOf, type SvgNode } from './svgNode';

/** How many ticks a unit of the drawing is, across and down. */
export interface DrawingScale {
  readonly x: number;
  readonly y: number;
}

/** CSS: 96 px to the inch, 72 pt. */
const ticksOf: Readonly<Record<string, number>> = {
  in: TICKS_PER_INCH,
  cm: TICKS_PER_MILLIMETRE * 10,
  mm: TICKS_PER_MILLIMETRE,
  pt: TICKS_PER_INCH / 72,
  pc: TICKS_PER_INCH / 6,
};

/**
 * How large a unit of the drawing is, where the file gives its size in a unit of length; undefined where it does not. A
 * view box of other proportions is shrunk, grown or stretched into that size as `preserveAspectRatio` says (SVG 2, 8.6).
 */
export function drawingScale(root: SvgNode): DrawingScale | undefined {
  const { width, height, viewBox, preserveAspectRatio = '' } = attributesOf(root);
  const [across, down] = [ticksIn(width), ticksIn(height)];
  const given = across ?? down;
  if (!given) return undefined;
  const [, , boxWidth = 0, boxHeight = 0] = (viewBox ?? '')
    .trim()
    .split(/[\s,]+/)
    .map(Number);
  if (!(boxWidth > 0 && boxHeight > 0)) return { x: given.perUnit, y: given.perUnit };
  const x = across && across.ticks / boxWidth;
  const y = down && down.ticks / boxHeight;
  // One length alone goes with the proportions of the box.
  if (x === undefined || y === undefined) {
    const both = x ?? y;
    return both === undefined ? undefined : { x: both, y: both };
  }
  if (/^\s*none\b/.test(preserveAspectRatio)) return { x, y };
  const both = /\bslice\b/.test(preserveAspectRatio) ? Math.max(x, y) : Math.min(x, y);
  return { x: both, y: both };
}

function ticksIn(length = ''): { readonly ticks: number; readonly perUnit: number } | undefined {
  const given = /^\s*([\d.]+)\s*(in|cm|mm|pt|pc)\s*$/.exec(length);
  const perUnit = ticksOf[given?.[2] ?? ''];
  const count = Number(given?.[1]);
  return perUnit !== undefined && count > 0 ? { ticks: count * perUnit, perUnit } : undefined;
}
