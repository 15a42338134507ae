import { isObject, type Document } from './document';
import { recoloured, upgradeAccepted5, upgradePiece5 } from './upgradePlan5';

/** An edit as version 5 saved it, with colours and accepted findings as version 6 has them. */
export function upgradeEdit5(edit: Document): Document {
  if (Array.isArray(edit['edits']))
    return { ...edit, edits: edit['edits'].map((each) => upgradeEdit5(each as Document)) };
  const { kind, item, change } = edit;
  if (edit['in'] === 'accepted') {
    if (kind === 'put' && isObject(item)) return { ...edit, item: upgradeAccepted5(item) };
    const [rule, subject = 'card'] = String(edit['id']).split(':');
    return { ...edit, id: `${rule}:${subject}` };
  }
  if (edit['in'] !== 'pieces') return edit;
  if (kind === 'put') return { ...edit, item: upgradePiece5(item) };
  return kind === 'change' && isObject(change)
    ? { ...edit, change: recoloured(change, String(edit['of'])) }
    : edit;
}
