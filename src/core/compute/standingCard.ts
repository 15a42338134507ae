import type { ComputedCard } from './computeCard';
import { inches, sameSize, type Size } from '../length/length';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { Fold } from '../paper/cardFormat';
import { cardFormat } from '../paper/cardFormats';
import { faceName } from '../plan/faces';
import type { CardId } from '../plan/ids';
import type { About, Plan, Series } from '../plan/plan';
import { plainAbout } from '../plan/plainPlan';
import type { CardStatus } from '../plan/planFacts';
import { drawFace, type DrawnPiece } from '../pictures/drawFace';

/** A card as it stands on the Ledge: how large it is and what is said beneath. Its picture, and what it is found by, come apart. */
export interface StandingCard {
  readonly id: CardId;
  readonly revision: number;
  readonly title: string;
  readonly designerId: string | null;
  readonly releaseId: string | null;
  readonly series: Series | null;
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
  /** How many of it are made. */
  readonly copies: number;
  /** Why it stands there as a plain blank; null where it is drawn. */
  readonly failure: string | null;
}

/** What a card is found by. */
export interface CardText {
  /** Stocks, layers, occasion and the like in lower case. */
  readonly words: string;
  /** The sizes that are cut, and the closed card's. */
  readonly sizes: readonly Size[];
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
  const { face, paint } = card.base;
  const stops = findings.filter(({ severity }) => severity === 'stop').length;
  return {
    ...called(id, revision, about),
    format: formatName(plan),
    fold: base.fold,
    isLying: isLying(face),
    face,
    colour: paint.colour,
    stops,
    looks: findings.length - stops,
    copies: plan.making.copies,
    failure: null,
  };
}

/** The words and sizes a card is found by. */
export function cardText({ about, base }: Plan, card: ResolvedCard): CardText {
  const { face, blank, stock } = card.base;
  const words = [
    about.title,
    about.series?.name,
    formatName({ base }),
    isLying(face) ? 'lying' : 'upright',
    base.fold,
    about.occasion,
    ...about.techniques,
    about.status,
    stock?.name,
    ...card.pieces.flatMap((piece) => [
      piece.name,
      piece.stock?.name,
      faceName(piece.face, base.fold),
    ]),
  ];
  return {
    words: [...new Set(words.filter(Boolean))].join(' ').toLowerCase(),
    sizes: [face, blank, ...card.pieces.flatMap(({ rect, cut }) => sizesOf(rect, cut))],
  };
}

/** A card one sees no more of than that it is there: as large as the commonest format, with what it is called. */
export function blankStanding(
  id: CardId,
  revision: number,
  about: About | Pick<About, 'title'>,
  failure: string,
): StandingCard {
  return {
    ...called(id, revision, {
      ...plainAbout,
      designerId: null,
      releaseId: null,
      ...about,
    }),
    format: 'cannot be drawn',
    fold: 'flat',
    isLying: false,
    face: { width: inches(4, 1, 4), height: inches(5, 1, 2) },
    colour: '#f4f5f4',
    stops: 0,
    looks: 0,
    copies: 1,
    failure,
  };
}

/** What a card is called, who makes it and for what. */
function called(id: CardId, revision: number, about: About) {
  const { title, designerId, releaseId, series, status, filmOn, occasion, techniques } = about;
  return {
    ...{ id, revision, title, designerId, releaseId, series },
    ...{ status, filmOn, occasion, techniques },
  };
}

function formatName({ base: { format } }: Pick<Plan, 'base'>): string {
  return format.kind === 'named' ? cardFormat(format.id).name : 'custom';
}

const isLying = ({ width, height }: Size) => width > height;

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
