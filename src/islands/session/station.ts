import type { ComponentType } from 'react';
import type { Rule } from '../../core/findings/finding';
import type { RuleGroup } from '../../core/plan/rules';
import type { CardSession } from './CardSession';

/** What the tab of a station says of the card. */
export interface TabFigure {
  readonly text: string;
  /** Of the card as it was a moment ago; the new one is being worked out. */
  readonly isOld: boolean;
}

/** A figure that is there at once. */
export const figureNow = (text: string): TabFigure => ({ text, isOld: false });

/** How a station's figure is made of the card. */
export type FigureOf = (session: CardSession) => TabFigure;

/** All that strip, address and findings need to know of a station. */
export interface Station {
  /** As the address has it. */
  readonly id: string;
  readonly name: string;
  /** Its key; it stays the same while others are still to come. */
  readonly digit: string;
  /** The groups of rules whose findings are mended here, and counted on its tab. */
  readonly mends: readonly RuleGroup[];
  /** Whether it shows what is dear to compute, such as sheets, which elsewhere waits until the hand rests. */
  readonly showsResults?: boolean;
  /** Made for a phone on the table too; the others ask for a wider window there. */
  readonly fitsPhone?: boolean;
  readonly loadRules: () => Promise<readonly Rule[]>;
  readonly load: () => Promise<ComponentType>;
}
