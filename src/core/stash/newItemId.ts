import { libraryIdSchema, type LibraryId } from '../plan/ids';
import type { ItemKind } from '../plan/libraryItem';
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
