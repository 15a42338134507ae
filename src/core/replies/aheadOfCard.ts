import type { CardId } from '../plan/ids';
import type { Ahead } from '../process/ahead';

/** What is made ahead of a card and lies in the stash. */
export interface AheadOfCard {
  readonly cardId: CardId;
  readonly title: string;
  readonly ahead: readonly Ahead[];
}
