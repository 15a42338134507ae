import { libraryItemSchema, type LibraryItem } from '../../core/plan/libraryItem';

/** Items as they were kept; one that is damaged is left out and told in the log, so that it takes none of the others along. */
export function readItems(documents: readonly unknown[], whose: string): readonly LibraryItem[] {
  return documents.flatMap((document) => {
    const parsed = libraryItemSchema.safeParse(document);
    if (parsed.success) return [parsed.data];
    const [first] = parsed.error.issues;
    console.error(`${whose} holds a damaged item: ${first?.path.join('.')}: ${first?.message}`);
    return [];
  });
}
