import { convertRgbToXyz65, convertXyz65ToLab65, parseHex, type Lab65 } from 'culori/fn';

/** A colour in CIE L*a*b*: lightness 0 to 100, then green to red and blue to yellow; white is D65. */
export type Lab = Lab65;

/**
 * An sRGB colour such as `#5c2f4b` in L*a*b*; source: IEC 61966-2-1 and CIE 15, as culori has them.
 * @throws RangeError when the text is no such colour.
 */
export function labOf(hex: string): Lab {
  const rgb = /^#[0-9a-f]{6}$/i.test(hex) ? parseHex(hex) : undefined;
  if (!rgb) throw new RangeError(`labOf: expected a colour such as #5c2f4b, got ${hex}`);
  return convertXyz65ToLab65(convertRgbToXyz65(rgb));
}
