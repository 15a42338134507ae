import { millimetres } from '../../length/length';
import type { MailClass, MailLimit, MailScheme } from './mailScheme';

/** What is smaller than this is not taken; less sure than the largest sizes. */
const leastFace: readonly MailLimit[] = [
  { measure: 'long', least: millimetres(140), confidence: 'medium' },
  { measure: 'short', least: millimetres(90), confidence: 'medium' },
];

const upTo = (
  id: MailClass['id'],
  name: string,
  [long, short, thickness]: readonly [number, number, number],
  mostGrams: number,
): MailClass => ({
  id,
  name,
  limits: [
    ...leastFace,
    { measure: 'long', most: millimetres(long), confidence: 'high' },
    { measure: 'short', most: millimetres(short), confidence: 'high' },
    { measure: 'thickness', most: millimetres(thickness), confidence: 'high' },
    { measure: 'weight', mostGrams, confidence: 'high' },
  ],
  unknown: [],
});

export const ukMail: MailScheme = {
  id: 'uk',
  name: 'United Kingdom',
  source: 'Royal Mail, size and weight limits',
  asOf: '2026-11',
  classes: [
    upTo('uk-letter', 'Letter', [240, 165, 5], 100),
    upTo('uk-large-letter', 'Large letter', [353, 250, 25], 750),
    upTo('uk-small-parcel', 'Small parcel', [450, 350, 160], 2000),
  ],
};
