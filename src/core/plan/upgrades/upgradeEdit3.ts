import { isObject, type Document } from './document';
import { upgradePiece1 } from './upgradePlan1';
import { upgradePiece3, upgradePlace3 } from './upgradePlan3';

/** An edit as versions 1 to 4 saved it, with what pieces had gained by version 4. */
export function upgradeEdit3(edit: unknown): unknown {
  if (!isObject(edit)) return edit;
  if (Array.isArray(edit['edits'])) return { ...edit, edits: edit['edits'].map(upgradeEdit3) };
  const { piece, change } = edit;
  if (edit['kind'] === 'add-piece' && isObject(piece))
    return {
      ...edit,
      piece: piece['kind'] === 'panel' ? upgradePiece3(upgradePiece1(piece)) : straightened(piece),
    };
  return edit['kind'] === 'change-piece' && isObject(change) && 'place' in change
    ? { ...edit, change: straightened(change) }
    : edit;
}

function straightened(part: Document): Document {
  return { ...part, place: upgradePlace3(part['place']) };
}
