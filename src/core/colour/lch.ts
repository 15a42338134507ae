import { convertLabToLch } from 'culori/fn';
import { labOf } from './lab';

/** Lightness, strength and hue in degrees of an sRGB colour; greys have no hue. */
export function lchOf(hex: string): {
  readonly l: number;
  readonly c: number;
  readonly h: number | undefined;
} {
  const { l, a, b } = labOf(hex);
  const { c, h } = convertLabToLch({ l, a, b });
  return { l, c, h: c < 2 ? undefined : h };
}

/** The angle between two hues, from 0 to 180 degrees. */
export function hueAngle(one: number, two: number): number {
  const apart = Math.abs(one - two) % 360;
  return Math.min(apart, 360 - apart);
}
