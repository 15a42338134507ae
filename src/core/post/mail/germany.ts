import { millimetres } from '../../length/length';
import type { Confidence, MailClass, MailLimit, MailScheme } from './mailScheme';

type Range = readonly [least: number, most: number];

/** @param minima how sure the least sizes are */
function letter(
  id: MailClass['id'],
  name: string,
  { long, short, thickness, grams }: Sizes,
  minima: Confidence,
  more: readonly MailLimit[] = [],
): MailClass {
  const side = (measure: 'long' | 'short', [least, most]: Range): readonly MailLimit[] => [
    { measure, least: millimetres(least), confidence: minima },
    { measure, most: millimetres(most), confidence: 'high' },
  ];
  return {
    id,
    name,
    limits: [
      ...side('long', long),
      ...side('short', short),
      { measure: 'thickness', most: millimetres(thickness), confidence: 'high' },
      { measure: 'weight', mostGrams: grams, confidence: 'high' },
      ...more,
    ],
    unknown: [],
  };
}

interface Sizes {
  readonly long: Range;
  readonly short: Range;
  readonly thickness: number;
  readonly grams: number;
}

const oblong: MailLimit = { measure: 'ratio', least: [7, 5], confidence: 'medium' };

export const germanMail: MailScheme = {
  id: 'germany',
  name: 'Germany',
  source: 'Deutsche Post, letter formats',
  asOf: '2026-11',
  classes: [
    letter(
      'germany-standard',
      'Standard letter',
      { long: [140, 235], short: [90, 125], thickness: 5, grams: 20 },
      'high',
      [oblong],
    ),
    letter(
      'germany-compact',
      'Compact letter',
      { long: [100, 235], short: [70, 125], thickness: 10, grams: 50 },
      'medium',
      [oblong],
    ),
    letter(
      'germany-large',
      'Large letter',
      { long: [100, 353], short: [70, 250], thickness: 20, grams: 500 },
      'medium',
    ),
    letter(
      'germany-maxi',
      'Maxi letter',
      { long: [100, 353], short: [70, 250], thickness: 50, grams: 1000 },
      'medium',
    ),
  ],
};
