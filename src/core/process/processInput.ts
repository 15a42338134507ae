import type { Act } from '../acts/act';
import type { Plan } from '../plan/plan';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { PaperAt } from './step';

/** What is printed and laid on one paper, in an order that is lawful. */
export interface PrintedPaper extends PaperAt {
  readonly acts: readonly Act[];
}

/** Of what the steps of a card are made. */
export interface ProcessInput {
  readonly plan: Plan;
  readonly card: ResolvedCard;
  /** Every paper on which something is printed or laid. */
  readonly papers: readonly PrintedPaper[];
  /** The masks to be cut, by letter, with what each is laid on; those kept from an earlier card are left out. */
  readonly masks: readonly { readonly letter: string; readonly covers: readonly string[] }[];
  readonly schools: Schools;
}

/** Where the trade has two ways. */
export interface Schools {
  /** Embossed first and blended over, which is wiped off it; or blended first and embossed once that is dry. */
  readonly embosses: 'first' | 'last';
  /** Prints in one powder are heated one by one, or all together. */
  readonly heats: 'each' | 'together';
  /** Inks that can be are dried with the heat tool. */
  readonly dries: 'air' | 'heat';
  /** Paper that a die cuts is coloured first, or cut first; or coloured first where it carries an image. */
  readonly dieCuts: 'by-image' | 'colour-first' | 'cut-first';
}

export const usualSchools: Schools = {
  embosses: 'first',
  heats: 'together',
  dries: 'air',
  dieCuts: 'by-image',
};
