import { computeCard } from '../../../core/compute/computeCard';
import {
  standingCard,
  standingPicture,
  type StandingCard,
  type StandingPicture,
} from '../../../core/compute/standingCard';
import type { CardId } from '../../../core/plan/ids';
import { overlayLibrary, type Library } from '../../../core/plan/library';
import type { Plan } from '../../../core/plan/plan';
import type { ThreadWork } from '../threadMeans';

/** What drawing one card may take. A card of 200 pieces takes some milliseconds. */
export const secondsForOne = 5;

export interface StandInput {
  readonly library: Library;
  readonly cards: readonly {
    readonly id: CardId;
    readonly revision: number;
    readonly plan: Plan;
    readonly embedded: Library;
  }[];
}

/** A card as it stands on the Ledge; or why it cannot be drawn. */
export type StoodCard =
  | {
      readonly id: CardId;
      readonly isDrawn: true;
      readonly card: StandingCard;
      readonly picture: StandingPicture;
    }
  | { readonly id: CardId; readonly isDrawn: false; readonly reason: string };

/** Draws cards as they stand on the Ledge, each told as it is done: one that cannot be drawn keeps none from standing. */
export const standCards: ThreadWork = async (input, { part, limit }) => {
  const { cards, library } = input as StandInput;
  for (const { id, revision, plan, embedded } of cards) {
    limit(secondsForOne);
    part(standOne(id, revision, plan, overlayLibrary(embedded, library)));
  }
};

function standOne(id: CardId, revision: number, plan: Plan, library: Library): StoodCard {
  try {
    const figures = computeCard(plan, library);
    return {
      id,
      isDrawn: true,
      card: standingCard(id, revision, plan, figures),
      picture: standingPicture(figures.card),
    };
  } catch (error) {
    console.error(`card ${id} cannot be drawn`, error);
    return { id, isDrawn: false, reason: 'a part is damaged' };
  }
}
