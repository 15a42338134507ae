import { TICKS_PER_INCH } from '../../../core/length/length';

const storageKey = 'nibwright-screen-scale';
/** CSS pixels to the inch, where nobody held a ruler to the screen. */
const nominal = 96;

/** How much larger than it says this screen draws; 1 until a ruler was held to it. */
export function screenScale(): number {
  const kept = Number(localStorage.getItem(storageKey));
  return kept > 0.2 && kept < 5 ? kept : 1;
}

export function keepScreenScale(scale: number): void {
  localStorage.setItem(storageKey, String(scale));
}

/** Pixels to the tick where a thing is as large as it is. */
export const trueScale = (scale: number): number => (nominal * scale) / TICKS_PER_INCH;
