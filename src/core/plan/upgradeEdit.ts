import { isObject, upgradePiece, type Document } from './upgradePlan1';
import { upgradePlace } from './upgradePlan3';

/** An edit as it was saved at any version, with what pieces have gained since. */
export function upgradeEdit(edit: unknown): unknown {
  if (!isObject(edit)) return edit;
  if (Array.isArray(edit['edits'])) return { ...edit, edits: edit['edits'].map(upgradeEdit) };
  const { piece, change } = edit;
  if (edit['kind'] === 'add-piece' && isObject(piece))
    return {
      ...edit,
      piece: straightened(piece['kind'] === 'panel' ? (upgradePiece(piece) as Document) : piece),
    };
  return edit['kind'] === 'change-piece' && isObject(change) && 'place' in change
    ? { ...edit, change: straightened(change) }
    : edit;
}

function straightened(part: Document): Document {
  return { ...part, place: upgradePlace(part['place']) };
}
