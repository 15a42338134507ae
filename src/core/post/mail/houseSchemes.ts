import type { HouseMail, MailClassNote } from '../../stash/houseMail';
import type { MailClass, MailLimit, MailScheme } from './mailScheme';
import { mailSchemes } from './mailSchemes';

/** By what the team tells, which never changes: classes keep the same objects. */
const known = new WeakMap<HouseMail, readonly MailScheme[]>();

/** The authorities with what a team knows of their classes: prices, and the limits that have changed. */
export function houseSchemes(mail: HouseMail): readonly MailScheme[] {
  const before = known.get(mail);
  if (before) return before;
  const schemes = mailSchemes.map((scheme) => ({
    ...scheme,
    classes: scheme.classes.map((each) => {
      const note = mail.classes[each.id];
      return note ? withNote(each, note) : each;
    }),
  }));
  known.set(mail, schemes);
  return schemes;
}

function withNote(of: MailClass, { price, limits }: MailClassNote): MailClass {
  const told = price ? { ...of, price } : of;
  if (!limits) return told;
  const { long, short, thickness, grams, asOf } = limits;
  const lengths = { long, short, thickness } as const;
  const changed: readonly MailLimit[] = [
    ...(['long', 'short', 'thickness'] as const).flatMap((measure): readonly MailLimit[] => {
      const most = lengths[measure]?.ticks;
      return most === undefined ? [] : [{ measure, most, confidence: 'high' }];
    }),
    ...(grams === null
      ? []
      : [{ measure: 'weight' as const, mostGrams: grams, confidence: 'high' as const }]),
  ];
  const measures = new Set<string>(changed.map(({ measure }) => measure));
  return {
    ...told,
    changedOn: asOf,
    limits: [
      ...of.limits.flatMap((limit) => (measures.has(limit.measure) ? withoutMost(limit) : [limit])),
      ...changed,
    ],
    unknown: of.unknown.filter((measure) => !measures.has(measure)),
  };
}

/** What is left of a limit whose most is told anew. */
function withoutMost(limit: MailLimit): readonly MailLimit[] {
  if (!('least' in limit) || limit.measure === 'ratio') return [];
  if ('beyond' in limit) return [limit];
  const { measure, least, confidence } = limit;
  return least === undefined ? [] : [{ measure, least, confidence }];
}
