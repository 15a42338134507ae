import { halveLength, subtractLengths, type Size } from '../length/length';
import type { Reveals } from './origins';

/** What shows round a piece centred on what it lies on; an odd tick goes to the right or bottom. */
export function centredReveals(support: Size, size: Size): Reveals {
  const [left, right] = halveLength(subtractLengths(support.width, size.width));
  const [top, bottom] = halveLength(subtractLengths(support.height, size.height));
  return { left, top, right, bottom };
}
