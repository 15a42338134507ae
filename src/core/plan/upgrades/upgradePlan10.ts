import type { Document } from './document';

/** Plans of version 10 knew no ribbon; all they hold stays as it is, and so does what an edit put in. */
export function upgradePlan10(plan: Document): Document {
  return { ...plan, schema: 11 };
}
