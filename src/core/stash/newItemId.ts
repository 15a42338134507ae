import { libraryIdSchema, type LibraryId } from '../plan/ids';
import type { ItemKind, LibraryItem } from '../plan/libraryItem';
import { hashText } from '../text/hashText';

/** The id given, or one made from kind and name, so that the same file twice makes one item. */
export function newItemId(kind: ItemKind, name: string, given = ''): LibraryId {
  const wanted = libraryIdSchema.safeParse(given.trim());
  if (wanted.success) return wanted.data;
  const slug = name
    .normalize('NFKD')
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-+|-+$/g, '')
    .slice(0, 24);
  return libraryIdSchema.parse(
    `${slug || 'x'}-${hashText(`${kind} ${name}`).slice(0, 8)}`.replaceAll('--', '-'),
  );
}

/** The id, or the first of its row that nothing has yet. */
export function freeItemId(wanted: LibraryId, items: readonly LibraryItem[]): LibraryId {
  const isTaken = (id: string) => items.some((item) => item.id === id);
  if (!isTaken(wanted)) return wanted;
  let number = 2;
  while (isTaken(`${wanted}-${number}`)) number += 1;
  return `${wanted}-${number}` as LibraryId;
}
