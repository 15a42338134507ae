import type { Document } from './document';
import { mapPuts } from './mapPuts';
import { upgradePiece8, upgradeScene8 } from './upgradePlan8';

/** An edit as version 8 saved it, with what it put into a plan as version 9 has it. */
export function upgradeEdit8(edit: Document): Document {
  return mapPuts(edit, (item, into) => {
    if (into === 'pieces') return upgradePiece8(item);
    return into === 'scenes' ? upgradeScene8(item) : item;
  });
}
