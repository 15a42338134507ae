import { inches, lengthFromTicks, TICKS_PER_INCH } from '../../length/length';
import type { MailLimit, MailScheme } from './mailScheme';

/** Exact: 453.59237 g by 16. */
const ounces = (count: number) => count * 28.349523125;

/** So many thousandths of an inch, to the next whole tick: who reaches that reaches the limit. */
const atLeast = (thousandths: number) =>
  lengthFromTicks(Math.ceil((thousandths * TICKS_PER_INCH) / 1000));

const letterSize: readonly MailLimit[] = [
  { measure: 'long', least: inches(5), most: inches(11, 1, 2), confidence: 'high' },
  { measure: 'short', least: inches(3, 1, 2), most: inches(6, 1, 8), confidence: 'high' },
  {
    measure: 'thickness',
    least: atLeast(7),
    most: inches(0, 1, 4),
    confidence: 'high',
  },
  { measure: 'weight', mostGrams: ounces(3.5), confidence: 'high' },
];

/** United States. The length of a letter is told along its address; of a card that is the longer side. */
export const usMail: MailScheme = {
  id: 'us',
  name: 'United States',
  source: 'USPS Domestic Mail Manual 101',
  asOf: '2026-11',
  classes: [
    {
      id: 'us-letter',
      name: 'Letter',
      limits: [
        ...letterSize,
        { measure: 'ratio', least: [13, 10], most: [5, 2], confidence: 'high' },
        {
          measure: 'thickness',
          least: atLeast(9),
          beyond: { long: inches(6), short: inches(4, 1, 4) },
          confidence: 'medium',
        },
        { measure: 'evenness', confidence: 'high' },
        { measure: 'rigidity', confidence: 'medium' },
      ],
      unknown: [],
    },
    { id: 'us-nonmachinable', name: 'Letter, not machinable', limits: letterSize, unknown: [] },
    {
      id: 'us-flat',
      name: 'Large envelope',
      limits: [
        { measure: 'long', most: inches(15), confidence: 'high' },
        { measure: 'short', most: inches(12), confidence: 'high' },
        {
          measure: 'thickness',
          least: atLeast(9),
          most: inches(0, 3, 4),
          confidence: 'high',
        },
        { measure: 'weight', mostGrams: ounces(13), confidence: 'high' },
        { measure: 'rigidity', confidence: 'medium' },
      ],
      unknown: ['evenness'],
    },
    {
      id: 'us-parcel',
      name: 'Parcel',
      limits: [],
      unknown: ['long', 'short', 'thickness', 'weight'],
    },
  ],
};
