import { TICKS_PER_MILLIMETRE, type Length } from '../../../core/length/length';

/** From low to high, so far apart in lightness that they are told apart without colour. */
const tones = [
  '#e9efef',
  '#cbdcdd',
  '#a5c5c8',
  '#78a8ad',
  '#47868d',
  '#1f636b',
  '#0b3d44',
] as const;

/** How heights are drawn: in steps of so many ticks, each a tone. */
export interface HeightScale {
  readonly step: number;
  readonly count: number;
}

/** Whole steps of 0.2, 0.5 or 1, 2, 5 mm, so that a card takes no more steps than there are tones. */
export function heightScale(highest: Length): HeightScale {
  const sizes = [0.2, 0.5, 1, 2, 5, 10, 20].map((each) => each * TICKS_PER_MILLIMETRE);
  const step = sizes.find((each) => highest / each <= tones.length) ?? sizes.at(-1) ?? 1;
  return { step, count: Math.max(1, Math.ceil(highest / step)) };
}

/** The tone of the step a height lies in; one that ends a step belongs to it. */
export function toneOf(height: number, { step }: HeightScale): string {
  const at = Math.min(tones.length - 1, Math.max(0, Math.ceil(height / step) - 1));
  return tones[at] ?? tones[0];
}

/** Whether what is written on a tone has to be light. */
export function isDark(tone: string): boolean {
  return tones.indexOf(tone as (typeof tones)[number]) >= 4;
}
