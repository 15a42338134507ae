import type { Finding, Rule } from '../finding';
import { cardSubject } from '../subject';

/** A day of filming or publishing that comes before the card is done. */
export const dateMissed: Rule = {
  id: 'date-missed',
  find: ({ card, results: { process } }) =>
    (process?.deadlines ?? [])
      .filter(({ short }) => short > 0)
      .map(({ what, day, short }): Finding => ({
        severity: 'look',
        subject: cardSubject(card),
        data: { rule: 'date-missed', what, day, short },
        remedies: [],
      })),
};
