import { labOf } from './lab';

/**
 * How far two colours are told apart by light and dark, from 1 for the same to 21 for black on white.
 * Source: contrast ratio of the Web Content Accessibility Guidelines 2.2, W3C 2023.
 * @param a `#rrggbb`, as is `b`
 */
export function contrast(a: string, b: string): number {
  const [light, dark] = [luminance(a), luminance(b)].toSorted((x, y) => y - x);
  return ((light ?? 0) + flare) / ((dark ?? 0) + flare);
}

/** What light a screen or paper throws back everywhere. */
const flare = 0.05;

/** From 0 to 1, by the lightness of CIE L*a*b*. */
function luminance(colour: string): number {
  const { l } = labOf(colour);
  return l > 8 ? ((l + 16) / 116) ** 3 : l / (24389 / 27);
}
