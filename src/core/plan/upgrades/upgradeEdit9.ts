import { isObject, type Document } from './document';
import { upgradePiece9 } from './upgradePlan9';

/** An edit as version 9 saved it, with what it put into a plan as version 10 has it. */
export function upgradeEdit9(edit: Document): Document {
  if (Array.isArray(edit['edits']))
    return { ...edit, edits: edit['edits'].map((each) => upgradeEdit9(each as Document)) };
  return edit['kind'] === 'put' && edit['in'] === 'pieces' && isObject(edit['item'])
    ? { ...edit, item: upgradePiece9(edit['item']) }
    : edit;
}
