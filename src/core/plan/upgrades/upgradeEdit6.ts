import type { Document } from './document';
import { upgradePiece6 } from './upgradePlan6';

/** An edit as version 6 saved it, with what it put into a plan as version 7 has it. */
export function upgradeEdit6(edit: Document): Document {
  if (Array.isArray(edit['edits']))
    return { ...edit, edits: edit['edits'].map((each) => upgradeEdit6(each as Document)) };
  const isPut = edit['kind'] === 'put' && edit['in'] === 'pieces';
  return isPut ? { ...edit, item: upgradePiece6(edit['item']) } : edit;
}
