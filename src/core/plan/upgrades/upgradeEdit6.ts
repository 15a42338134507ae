import type { Document } from './document';
import { mapPuts } from './mapPuts';
import { upgradePiece6 } from './upgradePlan6';

/** An edit as version 6 saved it, with what it put into a plan as version 7 has it. */
export function upgradeEdit6(edit: Document): Document {
  return mapPuts(edit, (item, into) => (into === 'pieces' ? upgradePiece6(item) : item));
}
