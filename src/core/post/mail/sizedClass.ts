import { millimetres } from '../../length/length';
import type { Confidence, MailClass, MailLimit } from './mailScheme';

interface Most {
  /** Longer side, shorter side and thickness in millimetres. */
  readonly size: readonly [long: number, short: number, thickness: number];
  readonly grams: number;
  readonly confidence: Confidence;
}

/** A class that goes by its largest size and weight. @param least what no class of its authority takes below */
export function sizedClass(
  id: MailClass['id'],
  name: string,
  least: readonly MailLimit[],
  { size: [long, short, thickness], grams: mostGrams, confidence }: Most,
): MailClass {
  return {
    id,
    name,
    limits: [
      ...least,
      { measure: 'long', most: millimetres(long), confidence },
      { measure: 'short', most: millimetres(short), confidence },
      { measure: 'thickness', most: millimetres(thickness), confidence },
      { measure: 'weight', mostGrams, confidence },
    ],
    unknown: [],
  };
}
