import { millimetres } from '../../length/length';
import type { MailLimit, MailScheme } from './mailScheme';
import { sizedClass } from './sizedClass';

/** 140 x 90 mm, less the tolerance of 2 mm. */
const least: readonly MailLimit[] = [
  { measure: 'long', least: millimetres(138), confidence: 'high' },
  { measure: 'short', least: millimetres(88), confidence: 'high' },
];

const confidence = 'medium';

/** Between countries; each may keep to other limits of its own. */
export const upuMail: MailScheme = {
  id: 'upu',
  name: 'Between countries',
  source: 'Universal Postal Union, Convention Regulations, letter post',
  asOf: '2026-11',
  classes: [
    sizedClass('upu-small', 'Small letter', least, { size: [245, 165, 5], grams: 100, confidence }),
    sizedClass('upu-large', 'Large letter', least, {
      size: [381, 305, 20],
      grams: 500,
      confidence,
    }),
    {
      id: 'upu-letter-post',
      name: 'Letter post',
      limits: [
        ...least,
        // 900 and 600 mm, and the tolerance of 2 mm.
        { measure: 'sum', most: millimetres(902), confidence: 'high' },
        { measure: 'long', most: millimetres(602), confidence: 'high' },
        { measure: 'weight', mostGrams: 2000, confidence: 'high' },
      ],
      unknown: [],
    },
  ],
};
