import { libraryItemSchema, type LibraryItem } from '../../core/plan/libraryItem';
import { firstIssue, schemaSentence } from '../../core/text/schemaSentence';

/** Items as they were kept; one that is damaged is left out and told in the log, so that it takes none of the others along. */
export function readItems(documents: readonly unknown[], whose: string): readonly LibraryItem[] {
  return documents.flatMap((document) => {
    const parsed = libraryItemSchema.safeParse(document, { error: schemaSentence });
    if (parsed.success) return [parsed.data];
    const { path, reason } = firstIssue(parsed.error);
    console.error(`${whose} holds a damaged item: ${path}: ${reason}`);
    return [];
  });
}
