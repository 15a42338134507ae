import type { Document } from './document';
import { mapPuts } from './mapPuts';
import { upgradePiece9 } from './upgradePlan9';

/** An edit as version 9 saved it, with what it put into a plan as version 10 has it. */
export function upgradeEdit9(edit: Document): Document {
  return mapPuts(edit, (item, into) => (into === 'pieces' ? upgradePiece9(item) : item));
}
