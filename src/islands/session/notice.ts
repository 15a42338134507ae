import type { Edit } from '../../core/plan/edit';
import type { RefusedEdit } from './cardSaver';
import type { SizeChange } from './sizeChanges';

/** Something to tell once; with `changes` and the edit that keeps the former sizes. */
export interface NoticeContent {
  readonly text: string;
  readonly changes?: readonly SizeChange[];
  readonly keep?: Edit;
}

export const doesNotFit: NoticeContent = {
  text: 'That does not fit the card as it is now, so it was left as it is.',
};

export const nothingOfYours: NoticeContent = {
  text: 'There is nothing of yours to take back. All versions of the card are under Revision.',
};

/** Where the check of changes could not be loaded. */
export const unchecked: NoticeContent = {
  text: 'A part of this page could not be loaded. Changes are saved and checked by the server all the same; load the page again when it suits you.',
};

/** What to tell of changes that were not taken: they are out of the card again, and the rest is kept. */
export function refusedNotice(refused: readonly RefusedEdit[]): NoticeContent | undefined {
  const last = refused.at(-1);
  if (!last) return undefined;
  const what =
    refused.length === 1
      ? 'One change was not taken and is undone'
      : `${refused.length} changes were not taken and are undone`;
  return { text: `${what}; everything else is kept. ${last.message}` };
}
