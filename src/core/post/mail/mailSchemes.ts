import type { MailClassId, MailSchemeId } from '../../plan/planFacts';
import { germanMail } from './germany';
import type { MailClass, MailScheme } from './mailScheme';
import { ukMail } from './uk';
import { upuMail } from './upu';
import { usMail } from './us';

/** The authorities there are limits of. Rules change: what is shown of them is shown with its month. */
export const mailSchemes: readonly MailScheme[] = [usMail, ukMail, germanMail, upuMail];

/** @throws RangeError for an id no schema lets through. */
export function mailScheme(id: MailSchemeId): MailScheme {
  const found = mailSchemes.find((each) => each.id === id);
  if (!found) throw new RangeError(`mailScheme: expected a scheme, got ${id}`);
  return found;
}

/** @throws RangeError for an id no schema lets through. */
export function mailClass(id: MailClassId): MailClass {
  const found = mailSchemes.flatMap(({ classes }) => classes).find((each) => each.id === id);
  if (!found) throw new RangeError(`mailClass: expected a class of mail, got ${id}`);
  return found;
}
