/** A colour in CIE L*a*b*: lightness 0 to 100, then green to red and blue to yellow; white is D65. */
export interface Lab {
  readonly l: number;
  readonly a: number;
  readonly b: number;
}

/** D65, 2 degree observer; source: IEC 61966-2-1. */
const white = { x: 0.95047, y: 1, z: 1.08883 };

/**
 * An sRGB colour such as `#5c2f4b` in L*a*b*; source: IEC 61966-2-1 and CIE 15.
 * @throws RangeError when the text is no such colour.
 */
export function labOf(hex: string): Lab {
  const [, red = '', green = '', blue = ''] =
    /^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i.exec(hex) ?? [];
  if (red === '') throw new RangeError(`labOf: expected a colour such as #5c2f4b, got ${hex}`);
  const [r, g, b] = [linear(red), linear(green), linear(blue)];
  const x = f((0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / white.x);
  const y = f((0.2126729 * r + 0.7151522 * g + 0.072175 * b) / white.y);
  const z = f((0.0193339 * r + 0.119192 * g + 0.9503041 * b) / white.z);
  return { l: 116 * y - 16, a: 500 * (x - y), b: 200 * (y - z) };
}

function linear(pair: string): number {
  const value = parseInt(pair, 16) / 255;
  return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
}

function f(t: number): number {
  return t > (6 / 29) ** 3 ? Math.cbrt(t) : t / (3 * (6 / 29) ** 2) + 4 / 29;
}
