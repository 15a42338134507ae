import type { ComputedCard } from '../computeCard';
import type { Size } from '../length/length';
import type { Fold } from '../paper/cardFormat';
import { cardFormat } from '../paper/cardFormats';
import type { CardId } from '../plan/ids';
import type { CardStatus, Plan } from '../plan/plan';
import { drawFace, type DrawnPiece } from './drawFace';

/** A card as it stands on the Ledge: its front to scale and what is said beneath. */
export interface StandingCard {
  readonly id: CardId;
  readonly title: string;
  readonly designerId: string | null;
  readonly releaseId: string | null;
  readonly status: CardStatus;
  readonly format: string;
  readonly fold: Fold;
  readonly isLying: boolean;
  readonly face: Size;
  readonly front: readonly DrawnPiece[];
  readonly stops: number;
  readonly looks: number;
}

/** What the Ledge needs of a card, from its computed figures. */
export function standingCard(
  id: CardId,
  plan: Plan,
  { card, findings }: ComputedCard,
): StandingCard {
  const { about, base } = plan;
  const { face } = card.base;
  const stops = findings.filter(({ severity }) => severity === 'stop').length;
  return {
    id,
    title: about.title,
    designerId: about.designerId,
    releaseId: about.releaseId,
    status: about.status,
    format: base.format.kind === 'named' ? cardFormat(base.format.id).name : 'custom',
    fold: base.fold,
    isLying: face.width > face.height,
    face,
    front: drawFace(card, 'front'),
    stops,
    looks: findings.length - stops,
  };
}
