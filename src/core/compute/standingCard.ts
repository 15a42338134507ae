import type { ComputedCard } from './computeCard';
import { sameSize, type Size } from '../length/length';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { Fold } from '../paper/cardFormat';
import { cardFormat } from '../paper/cardFormats';
import { faceName } from '../plan/faces';
import type { CardId } from '../plan/ids';
import type { Plan } from '../plan/plan';
import type { CardStatus } from '../plan/planFacts';
import { drawFace, type DrawnPiece } from '../pictures/drawFace';

/** A card as it stands on the Ledge: how large it is, what is said beneath, what it is found by. Its picture comes apart. */
export interface StandingCard {
  readonly id: CardId;
  readonly revision: number;
  readonly title: string;
  readonly designerId: string | null;
  readonly releaseId: string | null;
  readonly status: CardStatus;
  readonly filmOn: string | null;
  readonly occasion: string;
  readonly techniques: readonly string[];
  readonly format: string;
  readonly fold: Fold;
  readonly isLying: boolean;
  readonly face: Size;
  /** Of the base. */
  readonly colour: string;
  readonly stops: number;
  readonly looks: number;
  /** Stocks, layers, occasion and the like in lower case. */
  readonly words: string;
  /** The sizes that are cut, and the closed card's. */
  readonly sizes: readonly Size[];
  /** Why it stands there as a plain blank; null where it is drawn. */
  readonly failure: string | null;
}

export type StandingPicture = readonly DrawnPiece[];

/** What the Ledge needs of a card, from its computed figures. */
export function standingCard(
  id: CardId,
  revision: number,
  plan: Plan,
  { card, findings }: ComputedCard,
): StandingCard {
  const { about, base } = plan;
  const { face, blank, stock, paint } = card.base;
  const { title, designerId, releaseId, status, filmOn, occasion, techniques } = about;
  const stops = findings.filter(({ severity }) => severity === 'stop').length;
  const format = base.format.kind === 'named' ? cardFormat(base.format.id).name : 'custom';
  const isLying = face.width > face.height;
  const words = [
    title,
    format,
    isLying ? 'lying' : 'upright',
    base.fold,
    occasion,
    ...techniques,
    status,
    stock?.name,
    ...card.pieces.flatMap((piece) => [
      piece.name,
      piece.stock?.name,
      faceName(piece.face, base.fold),
    ]),
  ];
  return {
    id,
    revision,
    title,
    designerId,
    releaseId,
    status,
    filmOn,
    occasion,
    techniques,
    format,
    fold: base.fold,
    isLying,
    face,
    colour: paint.colour,
    stops,
    looks: findings.length - stops,
    words: [...new Set(words.filter(Boolean))].join(' ').toLowerCase(),
    sizes: [face, blank, ...card.pieces.flatMap(({ rect, cut }) => sizesOf(rect, cut))],
    failure: null,
  };
}

/** The front of a card as the Ledge shows it. It is drawn once, so nothing of what it was drawn from goes with it. */
export function standingPicture(card: ResolvedCard): StandingPicture {
  return drawFace(card, 'front').map((piece) => ({
    ...piece,
    marks: piece.marks.map((mark) => ({ ...mark, from: undefined })),
  }));
}

/** The finished size, and the one that is cut where something is trimmed off. */
function sizesOf({ width, height }: Size, cut: Size): readonly Size[] {
  const size = { width, height };
  return sameSize(size, cut) ? [size] : [size, cut];
}
