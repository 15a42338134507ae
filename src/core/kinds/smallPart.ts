import type { embellishmentKinds } from '../plan/items/kinds';

/** Whether an embellishment is small and loose enough to be swallowed; ribbon and twine are not. Common practice. */
export function isSmallPart(kind: (typeof embellishmentKinds)[number]): boolean {
  return kind !== 'ribbon' && kind !== 'twine';
}
