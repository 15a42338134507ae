import { mailClassIds, type MailClassId } from '../../plan/planFacts';

/** Whether one class of an authority is cheaper than another of it; they are listed in that order. */
export function isCheaper(one: MailClassId, other: MailClassId): boolean {
  return mailClassIds.indexOf(one) < mailClassIds.indexOf(other);
}
