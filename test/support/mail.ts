import type { MailSchemeId } from '../../src/core/plan/planFacts';
import type { MailScheme } from '../../src/core/post/mail/mailScheme';
import { mailSchemes } from '../../src/core/post/mail/mailSchemes';
import { must } from './must';

export const schemeOf = (id: MailSchemeId): MailScheme =>
  must(mailSchemes.find((each) => each.id === id));
