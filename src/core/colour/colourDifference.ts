import { differenceCiede2000, modeLab65, useMode } from 'culori/fn';
import type { Lab } from './lab';

useMode(modeLab65);
const ciede2000 = differenceCiede2000();

/**
 * The CIEDE2000 difference of two colours: 0 is the same, about 1 is just seen side by side. The
 * weights are 1. Source: CIE 142-2001, as culori has it; checked against the pairs of Sharma, Wu and Dalal (2005).
 */
export function colourDifference(one: Lab, two: Lab): number {
  return ciede2000(one, two);
}
