import { lengthFromTicks, type Degrees, type Size } from '../length/length';

/**
 * The largest straight piece that can be trimmed from one stamped or printed aslant: a W x H panel
 * turned by t leaves at most w = (W cos t - H sin t) / cos 2t, h = (H cos t - W sin t) / cos 2t.
 * Rounded down to the tick, so that it is never too large; measured, not exact. Undefined from 45
 * degrees on, and where nothing is left. Source: common practice, from plane geometry.
 * @example straighten(105 x 148 mm, 1 degree) // 102.46 x 146.23 mm
 */
export function straighten({ width, height }: Size, slope: Degrees): Size | undefined {
  const t = (Math.abs(slope) * Math.PI) / 180;
  if (!(t < Math.PI / 4)) return undefined;
  const [sin, cos, cos2] = [Math.sin(t), Math.cos(t), Math.cos(2 * t)];
  const w = Math.floor((width * cos - height * sin) / cos2);
  const h = Math.floor((height * cos - width * sin) / cos2);
  return w > 0 && h > 0 ? { width: lengthFromTicks(w), height: lengthFromTicks(h) } : undefined;
}
