import { Color } from 'spectral.js';

/** How much of the light a colour throws back, from 0 to 1, in each of 38 bands: 380 to 750 nm, every 10 nm. */
export type Spectrum = readonly number[];
export const bandCount = 38;

/** No paint is blacker; what a library calls black is next to nothing and would need a layer without end. */
const darkest = 1e-4;

/**
 * A spectrum that is seen as an sRGB colour such as `#5c2f4b`. Many are; this is the one spectral.js makes of its seven
 * base colours. What that has beyond 0 and 1 is brought in.
 */
export function spectrumOf(hex: string): Spectrum {
  return new Color(hex).R.map((share) => Math.min(1, Math.max(darkest, share)));
}

/** The sRGB colour a spectrum is seen as under D65, `#rrggbb`; one no screen shows goes to the nearest that does. */
export function hexOfSpectrum(spectrum: Spectrum): string {
  return new Color([...spectrum]).toString().toLowerCase();
}
