import type { Length, Size } from '../length/length';
import type { MailerBlank } from '../paper/mailerBlank';
import type { EnvelopeChoice } from '../plan/post';

/** An envelope a card may go in. */
export interface PostEnvelope {
  readonly key: string;
  readonly name: string;
  /** Lying: the longer side is its width. */
  readonly size: Size;
  readonly gramsPerSquareMetre: number;
  readonly caliper: Length;
  readonly colour: string;
  /** How it is chosen for a card. */
  readonly choice: EnvelopeChoice;
  /** So many of it there are; undefined where nobody counts, or where it is none of the stash. */
  readonly owned: number | undefined;
  readonly isOwned: boolean;
  /** Its blank, where it is made to the measure of the card. */
  readonly made: MailerBlank | undefined;
}

/** The card with what hangs over its edge, and its height, which is wanted of both sides. */
export interface CardBox {
  readonly long: Length;
  readonly short: Length;
  readonly height: Length;
}
