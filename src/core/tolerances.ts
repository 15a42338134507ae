import { millimetres, type Length } from './length/length';

/**
 * One tick, 62.5 nm. Centring cannot split an odd tick, so the two borders of a centred piece may
 * differ by one; no ruler shows it.
 */
const centringDifference = 1;

/** Whether two borders are the same but for the odd tick that centring leaves. */
export function isSameBorder(a: Length, b: Length): boolean {
  return Math.abs(a - b) <= centringDifference;
}

/**
 * CIEDE2000. Below this two plain stocks side by side read as one at arm's length; about 1 is just
 * seen edge to edge. From memory.
 */
export const hardlyTold = 4;

/** CIEDE2000. A print whose every ink is nearer to its paper than this is lost on it. From memory. */
export const lostOnPaper = 8;

/** The contrast at which words read on what is behind them. WCAG 2.2, success criterion 1.4.3. */
export const readableContrast = 4.5;

/** The contrast at which large words read, as those on cards are. WCAG 2.2, success criterion 1.4.3. */
export const largeWordsContrast = 3;

/** A rigid piece follows what is under it where that is no thicker: a layer of card or two. From memory. */
export const bendsOver = millimetres(0.7);

/** How far a figure on a spring sways to each side. From memory. */
export const sway = millimetres(2);

/** A card is uneven where its highest point stands so much above half of it; to be changed in the habits. From memory. */
export const usualUneven = millimetres(1.6);

/** How high the spring under a figure stands at rest: about a foam square. From memory. */
export const springAtRest = millimetres(1.5);

/** A box that is larger than its outline by no more than this is filled by it: a twentieth of a millimetre, which no ruler shows. */
export const fillsBox = millimetres(0.05);

/** The chords of a curve keep as near to it as this: a fiftieth of a millimetre, finer than a blade or a pen. */
export const chordError = millimetres(0.02);

/** Prints that lie over each other by no more than this only touch: no pen and no eye tells it from side by side. From memory. */
export const hardlyMeets = millimetres(0.2);

/** L*. Ink this much darker than all that is under it hides it, so that it may be stamped over it. From memory. */
export const darkerHides = 20;

/** L*. A texture that differs from its paper by no more than this is pale, and may go over anything late. From memory. */
export const paleTexture = 25;

/** So far inside the line masks are cut usually; to be changed in the habits. Common practice. */
export const usualInset = millimetres(0.5);

/** A hand cuts no truer than this, so a mask cut nearer to the line lies beyond it in places. From memory. */
export const leastInset = millimetres(0.2);

/** Card sags where nothing is under it for so far round, as it is pressed on its way; from memory. */
export const sagsBeyond = millimetres(30);

/** L*. Foam is white; under a piece so dark its edge is seen as a pale line. From memory. */
export const paleFoamUnder = 40;

/** Paper buckles under a bead of glue that brings it more than this share of its own weight in water; from memory. */
export const bucklesFrom = 0.35;

/** A bead of glue is pressed so wide, and half of it is water; from memory. */
export const beadWidth = millimetres(6);
export const waterOfGlue = 0.5;

/** A panel that is so large each way warps under the heat tool; from memory. */
export const warpsFrom = millimetres(60);
