import { subtractLengths, zeroLength } from '../length/length';
import { adhesive } from '../paper/adhesives';
import type { FaceId } from '../plan/faces';
import type { Rect, ResolvedBase, ResolvedCard } from '../resolve/resolvedCard';

/** One sheet of card or paper as seen on a face, in ticks from its top left corner. */
export interface DrawnPiece {
  /** The piece or `base`; `base-right` is the right flap of a gate. */
  readonly id: string;
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
  return [
    ...drawBase(card.base, face),
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

/** One sheet, or the two flaps of a gate seen from the front. */
function drawBase({ face: size, stock, scores }: ResolvedBase, face: FaceId): DrawnPiece[] {
  const paper = {
    colour: stock?.colour ?? unknownColour,
    patterned: stock?.paper === 'patterned',
    lifted: false,
  };
  const [middle, second] = scores.map(({ at }) => at);
  if (middle === undefined || second === undefined || face !== 'front')
    return [{ id: 'base', rect: { x: zeroLength, y: zeroLength, ...size }, ...paper }];
  const { width, height } = size;
  return [
    { id: 'base', rect: { x: zeroLength, y: zeroLength, width: middle, height }, ...paper },
    {
      id: 'base-right',
      rect: { x: middle, y: zeroLength, width: subtractLengths(width, middle), height },
      ...paper,
    },
  ];
}
