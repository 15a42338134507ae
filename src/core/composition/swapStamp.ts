import { newImage } from './newThing';
import { placeAt } from '../measuring/placeAt';
import type { Edit } from '../plan/edit';
import { batchEdits } from '../plan/batchEdits';
import type { Stamp } from '../plan/libraryItem';
import { changePiece } from '../plan/pieceEdits';
import { papersOf } from '../plan/pieces';
import type { Plan } from '../plan/plan';
import { roundMiddle } from './putOnPaper';
import { supportRect, type ResolvedCard } from '../resolve/resolvedCard';
import type { ResolvedMark } from '../resolve/resolvedMark';

/**
 * The edit that prints another stamp in the place of one: its middle stays where it is, and its layers take the colours
 * that are there, in their order. A paper cut round the print is cut round the new one.
 */
export function swapStamp(
  plan: Plan,
  card: ResolvedCard,
  mark: ResolvedMark,
  stamp: Stamp,
): Edit | undefined {
  const { piece, rect, support } = mark;
  if (piece.kind !== 'image') return undefined;
  const fresh = newImage({ id: piece.id, on: piece.on }, stamp);
  const box = roundMiddle(rect, { width: stamp.width.ticks, height: stamp.height.ticks });
  const placed = placeAt(box, supportRect(card, support), piece.place.turn);
  const { x, y } = piece.place;
  const under = papersOf(plan).find(({ id }) => id === support);
  const cutRound = under?.size.by === 'stamp' ? under.size : undefined;
  return batchEdits([
    changePiece(piece, {
      stamp: fresh.stamp,
      layers: fresh.layers.map((layer, at) =>
        piece.layers[at] === undefined ? layer : piece.layers[at],
      ),
      // Parts were picked out of the lines of the other.
      parts: [],
      crop: null,
      place: {
        ...placed,
        x: x.from === 'centre' ? x : placed.x,
        y: y.from === 'centre' ? y : placed.y,
      },
      // A name that was typed stays; one that was the stamp's is the new one's.
      ...(piece.name === mark.stamp?.name ? { name: fresh.name } : {}),
    }),
    ...(under && cutRound?.stamp.id === piece.stamp.id
      ? [changePiece(under, { size: { ...cutRound, stamp: fresh.stamp } })]
      : []),
  ]);
}
