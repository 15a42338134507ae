import { z } from 'zod';
import { computeCard } from '../../../core/compute/computeCard';
import {
  blankStanding,
  cardText,
  standingCard,
  standingPicture,
} from '../../../core/compute/standingCard';
import type { CardId } from '../../../core/plan/ids';
import { overlayLibrary, type Library } from '../../../core/plan/library';
import { aboutSchema } from '../../../core/plan/plan';
import { upgradePlan } from '../../../core/plan/upgradePlan';
import type { KeptCard } from '../../repositories/cards';
import { readItems } from '../../repositories/readItems';
import type { ThreadWork } from '../threadMeans';

/** What drawing one card may take, on a machine that has much to do. A card of 200 pieces takes some milliseconds. */
export const secondsForOne = 10;

export interface StandInput {
  /** Every version of the items that the cards use. */
  readonly library: Library;
  readonly cards: readonly KeptCard[];
}

/** A card as it stands on the Ledge, each part as JSON; without a picture where it cannot be drawn. */
export interface StoodCard {
  readonly id: CardId;
  readonly card: string;
  readonly found: string;
  readonly picture: string | null;
  /** It took too long; another time it may not. */
  readonly isLate?: boolean;
}

/** Draws cards as they stand on the Ledge, each told as it is done: one that cannot be drawn keeps none from standing. */
export const standCards: ThreadWork = async (input, { part, limit }) => {
  const { cards, library } = input as StandInput;
  for (const card of cards) {
    limit(secondsForOne);
    part(standOne(card, library));
  }
};

function standOne(kept: KeptCard, team: Library): StoodCard {
  const { id, revision } = kept;
  const read = upgradePlan(kept.plan);
  if (!read.ok) {
    console.error(`card ${id} holds no plan`, read.issue);
    return standBlank(kept, 'plan damaged');
  }
  try {
    const { plan } = read;
    const embedded = readItems(Array.isArray(kept.embedded) ? kept.embedded : [], `card ${id}`);
    const figures = computeCard(plan, overlayLibrary(embedded, team));
    return {
      id,
      card: JSON.stringify(standingCard(id, revision, plan, figures)),
      found: JSON.stringify(cardText(plan, figures.card)),
      picture: JSON.stringify(standingPicture(figures.card)),
    };
  } catch (error) {
    console.error(`card ${id} cannot be drawn`, error);
    return standBlank(kept, 'a part is damaged');
  }
}

const aboutOnly = z.object({ about: aboutSchema });
const titleOnly = z.object({ about: z.object({ title: z.string().min(1) }) });

/** A card as a plain blank, with what can still be read of it. */
export function standBlank(
  { id, revision, plan }: Pick<KeptCard, 'id' | 'revision' | 'plan'>,
  failure: string,
): StoodCard {
  const about = aboutOnly.safeParse(plan).data?.about ??
    titleOnly.safeParse(plan).data?.about ?? { title: 'A card without a title' };
  return {
    id,
    card: JSON.stringify(blankStanding(id, revision, about, failure)),
    found: JSON.stringify({ words: about.title.toLowerCase(), sizes: [] }),
    picture: null,
  };
}
