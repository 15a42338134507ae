import type { SimpleEdit, Edit } from './edit';

/** One edit of several; a single one stays itself. */
export function batchEdits(edits: readonly SimpleEdit[]): Edit {
  const [only] = edits;
  return edits.length === 1 && only ? only : { kind: 'batch', edits };
}

/** The simple edits an edit is made of, in their order. */
export function simpleEditsOf(edit: Edit): readonly SimpleEdit[] {
  return edit.kind === 'batch' ? edit.edits : [edit];
}
