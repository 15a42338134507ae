import { millimetres } from '../../length/length';
import type { MailLimit, MailScheme } from './mailScheme';
import { sizedClass } from './sizedClass';

/** What is smaller than this is not taken; less sure than the largest sizes. */
const least: readonly MailLimit[] = [
  { measure: 'long', least: millimetres(140), confidence: 'medium' },
  { measure: 'short', least: millimetres(90), confidence: 'medium' },
];

const confidence = 'high';

export const ukMail: MailScheme = {
  id: 'uk',
  name: 'United Kingdom',
  source: 'Royal Mail, size and weight limits',
  asOf: '2026-11',
  classes: [
    sizedClass('uk-letter', 'Letter', least, { size: [240, 165, 5], grams: 100, confidence }),
    sizedClass('uk-large-letter', 'Large letter', least, {
      size: [353, 250, 25],
      grams: 750,
      confidence,
    }),
    sizedClass('uk-small-parcel', 'Small parcel', least, {
      size: [450, 350, 160],
      grams: 2000,
      confidence: 'medium',
    }),
  ],
};
