import { compareOrder, keysBetween, type OrderKey } from '../orderKeys';
import { isObject, objectsIn, type Document } from './document';

/** An edit of version 5, and the plan after it. */
export interface UpgradedEdit {
  readonly edit: Document;
  readonly plan: Document;
}

/**
 * An edit as version 4 saved it, as version 5 says it. Version 4 had an edit for each thing one could do to pieces, uses
 * and findings, did not say what kind of piece it changed, and counted places in the list, so the plan it was made on
 * tells what it meant. What does not apply becomes a batch of nothing, as it changed nothing then.
 * @param plan of version 5
 */
export function upgradeEdit4(plan: Document, edit: Document): UpgradedEdit {
  if (edit['kind'] !== 'batch') {
    const upgraded = upgradeSimple(plan, edit);
    return { edit: upgraded ?? nothing, plan: upgraded ? applied(plan, upgraded) : plan };
  }
  let now = plan;
  const edits: Document[] = [];
  for (const each of objectsIn(edit['edits'])) {
    const upgraded = upgradeEdit4(now, each);
    now = upgraded.plan;
    if (upgraded.edit !== nothing) edits.push(upgraded.edit);
  }
  return { edit: { kind: 'batch', edits }, plan: now };
}

const nothing: Document = { kind: 'batch', edits: [] };

function upgradeSimple(plan: Document, edit: Document): Document | undefined {
  const { kind, id, index } = edit;
  const pieces = objectsIn(plan['pieces']);
  const piece = pieces.find((each) => each['id'] === id);
  switch (kind) {
    case 'add-piece':
      return isObject(edit['piece'])
        ? {
            kind: 'put',
            in: 'pieces',
            item: { ...edit['piece'], order: keyAt(pieces, Number(index)) },
          }
        : undefined;
    case 'remove-piece':
      return piece && { kind: 'remove', in: 'pieces', id };
    case 'change-piece':
      return (
        piece && { kind: 'change', in: 'pieces', id, of: piece['kind'], change: edit['change'] }
      );
    case 'reorder-piece': {
      const others = pieces.filter((each) => each !== piece);
      return piece && { kind: 'move', in: 'pieces', id, order: keyAt(others, Number(index)) };
    }
    case 'set-use': {
      const isThere = objectsIn(plan['uses']).some((use) => use['id'] === id);
      const { use } = edit;
      if (!isObject(use)) return isThere ? { kind: 'remove', in: 'uses', id } : undefined;
      return isThere
        ? { kind: 'change', in: 'uses', id, change: use }
        : { kind: 'put', in: 'uses', item: { id, ...use } };
    }
    case 'accept-finding': {
      const { finding, accepted } = edit;
      if (!isObject(finding)) return undefined;
      const isThere = objectsIn(plan['accepted']).some(isSame(finding));
      if (isThere === accepted) return undefined;
      return accepted === true
        ? { kind: 'put', in: 'accepted', item: finding }
        : { kind: 'remove', in: 'accepted', id: acceptedId(finding) };
    }
    default:
      return edit;
  }
}

/** A key before the piece at an index. */
function keyAt(pieces: readonly Document[], index: number): OrderKey {
  const orderOf = (piece: Document | undefined) => piece?.['order'] as OrderKey | undefined;
  const [key] = keysBetween(orderOf(pieces[index - 1]), orderOf(pieces[index]), 1);
  return key as OrderKey;
}

const isSame = (finding: Document) => (each: Document) =>
  each['rule'] === finding['rule'] && each['pieceId'] === finding['pieceId'];

function acceptedId({ rule, pieceId }: Document): string {
  return pieceId === null ? String(rule) : `${String(rule)}:${String(pieceId)}`;
}

/** A plan of version 5 after an edit of version 5 that applies to it. */
function applied(plan: Document, edit: Document): Document {
  const { kind, id } = edit;
  const list = String(edit['in']);
  const items = objectsIn(plan[list]);
  const keep = (next: readonly Document[]): Document => ({
    ...plan,
    [list]: list === 'pieces' ? next.toSorted((a, b) => compareOrder(sorted(a), sorted(b))) : next,
  });
  switch (kind) {
    case 'put':
      return keep([...items, edit['item'] as Document]);
    case 'change':
      return keep(
        items.map((item) =>
          item['id'] === id ? { ...item, ...(edit['change'] as object) } : item,
        ),
      );
    case 'move':
      return keep(
        items.map((item) => (item['id'] === id ? { ...item, order: edit['order'] } : item)),
      );
    case 'remove':
      if (list === 'accepted') return keep(items.filter((item) => acceptedId(item) !== id));
      return keep(
        list === 'pieces' ? withoutPiece(items, id) : items.filter((i) => i['id'] !== id),
      );
    default: {
      const part = String(kind).slice('set-'.length);
      const { change } = edit;
      return isObject(plan[part]) && isObject(change)
        ? { ...plan, [part]: { ...plan[part], ...change } }
        : plan;
    }
  }
}

/** What lay on it lies on its support afterwards. */
function withoutPiece(pieces: readonly Document[], id: unknown): readonly Document[] {
  const below = pieces.find((piece) => piece['id'] === id)?.['on'];
  const liesOn = (on: unknown) => isObject(on) && on['piece'] === id;
  return pieces
    .filter((piece) => piece['id'] !== id)
    .map((piece) => (liesOn(piece['on']) && !liesOn(below) ? { ...piece, on: below } : piece));
}

function sorted(piece: Document): { readonly id: string; readonly order: string } {
  return { id: String(piece['id']), order: String(piece['order']) };
}
