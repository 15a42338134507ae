import type { SupportId } from '../resolve/resolvedCard';
import type { Rect, ResolvedCard } from '../resolve/resolvedCard';
import { zeroLength } from '../length/length';
import { adhesive } from '../paper/adhesives';
import type { FaceId } from '../plan/piece';

/** One sheet of card or paper as seen on a face, in ticks from its top left corner. */
export interface DrawnPiece {
  readonly id: SupportId;
  readonly rect: Rect;
  readonly colour: string;
  readonly patterned: boolean;
  /** Lifted on foam, so that it throws a shadow. */
  readonly lifted: boolean;
}

/** Shown where the stock is not known. */
export const unknownColour = '#c9c5bd';

/** The base and what lies on a face, lowest first: what screen, ledge and print all draw. */
export function drawFace(card: ResolvedCard, face: FaceId): readonly DrawnPiece[] {
  const { base } = card;
  return [
    {
      id: 'base',
      rect: { x: zeroLength, y: zeroLength, ...base.face },
      colour: base.stock?.colour ?? unknownColour,
      patterned: base.stock?.paper === 'patterned',
      lifted: false,
    },
    ...card.pieces
      .filter((piece) => piece.face === face)
      .map(({ id, rect, stock, piece }) => ({
        id,
        rect,
        colour: stock?.colour ?? unknownColour,
        patterned: stock?.paper === 'patterned',
        lifted: adhesive(piece.attach).foam,
      })),
  ];
}
