import type { Ink } from '../plan/libraryItem';

/** Sorts that stay wet for minutes: powder holds on them all over, and what is laid on them smears. From memory. */
const slow: readonly Ink['ink'][] = ['sticky', 'pigment'];

/** Whether an ink stays wet long enough for powder to hold, and too long to lay a mask on it. */
export function staysWet({ ink }: Pick<Ink, 'ink'>): boolean {
  return slow.includes(ink);
}
