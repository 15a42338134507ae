import type { Length } from '../../length/length';
import type { MailClassId, MailSchemeId } from '../../plan/planFacts';

/** What of a piece of mail a limit is on. Ratio: the longer side by the shorter. */
export const mailMeasures = [
  'long',
  'short',
  'thickness',
  'sum',
  'ratio',
  'weight',
  'evenness',
  'rigidity',
] as const;
export type MailMeasure = (typeof mailMeasures)[number];

/** How sure one is of a limit told from memory. */
export type Confidence = 'high' | 'medium';

interface Told {
  readonly confidence: Confidence;
}

/** A limit; a piece that just reaches it is within. */
export type MailLimit =
  | (Told & {
      /** `sum`: of length, width and thickness. */
      readonly measure: 'long' | 'short' | 'thickness' | 'sum';
      readonly least?: Length;
      readonly most?: Length;
    })
  | (Told & {
      readonly measure: 'ratio';
      readonly least?: readonly [long: number, short: number];
      readonly most?: readonly [long: number, short: number];
    })
  | (Told & { readonly measure: 'weight'; readonly mostGrams: number })
  /** At least so thick, where it is longer or higher than that. */
  | (Told & {
      readonly measure: 'thickness';
      readonly least: Length;
      readonly beyond: { readonly long: Length; readonly short: Length };
    })
  /** What is in it must not make it uneven, or must bend round a turn; no figure is published for a letter. */
  | (Told & { readonly measure: 'evenness' | 'rigidity' });

export interface MailClass {
  readonly id: MailClassId;
  readonly name: string;
  readonly limits: readonly MailLimit[];
  /** What it ought to have a limit on, for which none is known to us. */
  readonly unknown: readonly MailMeasure[];
  /** What the team pays for a piece, in hundredths of its money, and the day it looked that up. */
  readonly price?: { readonly hundredths: number; readonly asOf: string };
  /** The day the team told limits of it anew; undefined where they are as they ship. */
  readonly changedOn?: string;
}

/** The classes of one authority, from the cheapest to the dearest. */
export interface MailScheme {
  readonly id: MailSchemeId;
  readonly name: string;
  /** The published rules the limits are from. */
  readonly source: string;
  /** The month they were written down, as year-month; all from memory. */
  readonly asOf: string;
  readonly classes: readonly MailClass[];
}
