import type { HouseMail, MailClassNote } from './houseMail';

/** A team that has told nothing of how it posts. */
export const plainMail: HouseMail = { home: null, classes: {} };

export const plainNote: MailClassNote = { price: null, limits: null };
