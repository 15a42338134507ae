import { germanMail } from './germany';
import type { MailScheme } from './mailScheme';
import { ukMail } from './uk';
import { upuMail } from './upu';
import { usMail } from './us';

/** The authorities there are limits of. Rules change: what is shown of them is shown with its month. */
export const mailSchemes: readonly MailScheme[] = [usMail, ukMail, germanMail, upuMail];
