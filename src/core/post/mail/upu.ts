import { millimetres } from '../../length/length';
import type { MailLimit, MailScheme } from './mailScheme';

/** 140 x 90 mm, less the tolerance of 2 mm. */
const leastFace: readonly MailLimit[] = [
  { measure: 'long', least: millimetres(138), confidence: 'high' },
  { measure: 'short', least: millimetres(88), confidence: 'high' },
];

/** Between countries; each may keep to other limits of its own. */
export const upuMail: MailScheme = {
  id: 'upu',
  name: 'Between countries',
  source: 'Universal Postal Union, Convention Regulations, letter post',
  asOf: '2026-11',
  classes: [
    {
      id: 'upu-small',
      name: 'Small letter',
      limits: [
        ...leastFace,
        { measure: 'long', most: millimetres(245), confidence: 'medium' },
        { measure: 'short', most: millimetres(165), confidence: 'medium' },
        { measure: 'thickness', most: millimetres(5), confidence: 'medium' },
        { measure: 'weight', mostGrams: 100, confidence: 'medium' },
      ],
      unknown: [],
    },
    {
      id: 'upu-large',
      name: 'Large letter',
      limits: [
        ...leastFace,
        { measure: 'long', most: millimetres(381), confidence: 'medium' },
        { measure: 'short', most: millimetres(305), confidence: 'medium' },
        { measure: 'thickness', most: millimetres(20), confidence: 'medium' },
        { measure: 'weight', mostGrams: 500, confidence: 'medium' },
      ],
      unknown: [],
    },
    {
      id: 'upu-letter-post',
      name: 'Letter post',
      limits: [
        ...leastFace,
        // 900 and 600 mm, and the tolerance of 2 mm.
        { measure: 'sum', most: millimetres(902), confidence: 'high' },
        { measure: 'long', most: millimetres(602), confidence: 'high' },
        { measure: 'weight', mostGrams: 2000, confidence: 'high' },
      ],
      unknown: [],
    },
  ],
};
