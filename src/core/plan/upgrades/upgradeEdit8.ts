import { isObject, type Document } from './document';
import { upgradePiece8, upgradeScene8 } from './upgradePlan8';

/** An edit as version 8 saved it, with what it put into a plan as version 9 has it. */
export function upgradeEdit8(edit: Document): Document {
  if (Array.isArray(edit['edits']))
    return { ...edit, edits: edit['edits'].map((each) => upgradeEdit8(each as Document)) };
  const { kind, item } = edit;
  if (kind !== 'put' || !isObject(item)) return edit;
  if (edit['in'] === 'pieces') return { ...edit, item: upgradePiece8(item) };
  return edit['in'] === 'scenes' ? { ...edit, item: upgradeScene8(item) } : edit;
}
