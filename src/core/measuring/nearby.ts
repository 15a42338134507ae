import Flatbush from 'flatbush';
import { boundsOf, type Bounds } from '../outline/outline';
import { faceIds, type FaceId } from '../plan/faces';
import { outlineOf, type Placed } from '../resolve/outlineOf';
import type { ResolvedCard } from '../resolve/resolvedCard';

/** The boxes on each face by the card, whose figures never change. */
const known = new WeakMap<ResolvedCard, Readonly<Record<FaceId, Flatbush | undefined>>>();

/** Everything on a face whose box touches a box, or comes within so many ticks of it, from the back to the front. */
export function nearby(
  card: ResolvedCard,
  face: FaceId,
  { x0, y0, x1, y1 }: Bounds,
  within = 0,
): readonly Placed[] {
  const boxes = known.get(card) ?? indexOf(card);
  known.set(card, boxes);
  const order = card.painted[face];
  const found = boxes[face]?.search(x0 - within, y0 - within, x1 + within, y1 + within) ?? [];
  return found.sort((a, b) => a - b).flatMap((at) => order[at] ?? []);
}

function indexOf({ painted }: ResolvedCard): Readonly<Record<FaceId, Flatbush | undefined>> {
  const onFace = (face: FaceId) => {
    const order = painted[face];
    // An index of nothing cannot be made.
    if (order.length === 0) return undefined;
    const index = new Flatbush(order.length);
    for (const placed of order) {
      const { x0, y0, x1, y1 } = boundsOf(outlineOf(placed));
      index.add(x0, y0, x1, y1);
    }
    index.finish();
    return index;
  };
  return Object.fromEntries(faceIds.map((face) => [face, onFace(face)])) as unknown as Readonly<
    Record<FaceId, Flatbush | undefined>
  >;
}
