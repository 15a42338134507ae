import type { Document } from './document';

/** Plans of version 6 knew of no series: each card stood by itself. */
export function upgradePlan6(plan: Document): Document {
  return { ...plan, schema: 7, about: { ...(plan['about'] as Document), series: null } };
}
