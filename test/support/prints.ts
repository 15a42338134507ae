import type { Print } from '../../src/core/masking/print';
import { square } from './shapes';

/** Ten millimetres. */
export const ten = 160_000;

/** A square print ten millimetres wide, its corner at so many millimetres, in black lines unless told otherwise. */
export function printAt(id: string, x: number, y: number, change: Partial<Print> = {}): Print {
  const body = [square(x * 16_000, y * 16_000, ten)];
  return {
    id,
    kind: 'outline',
    body,
    reach: change.body ?? body,
    darkest: 10,
    lightest: 10,
    isOpaque: false,
    resists: false,
    tape: undefined,
    shape: undefined,
    stamp: undefined,
    imageOf: undefined,
    ...change,
  };
}
