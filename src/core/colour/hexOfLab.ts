import { clampRgb, convertLab65ToRgb, formatHex } from 'culori/fn';
import type { Lab } from './lab';

/** A colour in L*a*b* under D65 as `#rrggbb`; one that no screen shows is brought in, channel by channel. */
export function hexOfLab({ l, a, b }: Pick<Lab, 'l' | 'a' | 'b'>): string {
  return formatHex(clampRgb(convertLab65ToRgb({ l, a, b })));
}
