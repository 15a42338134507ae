import { arrange } from '../arrangement/arrange';
import type { FaceId } from '../plan/faces';
import { isMark, outlineOf, outlineOfBase, type Placed } from '../resolve/outlineOf';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { isGround } from '../resolve/resolvedMark';
import { supportsUnder } from '../resolve/supportsUnder';

/**
 * How much of a piece is seen, from 0 to 1, once all is put on: its own area less what later pieces cover of it, and less
 * what of a mark falls beside its paper. What lies on the piece itself belongs to it and does not count as covering it;
 * through a ground one sees what is under it.
 */
export function visiblePart(card: ResolvedCard, placed: Placed): number {
  const seen = visibleParts(card, placed.face)[card.painted[placed.face].indexOf(placed)];
  return seen === undefined || seen.whole === 0 ? 1 : seen.visible / seen.whole;
}

/** Of one thing, in square ticks. */
interface Seen {
  whole: number;
  visible: number;
}

/** What is seen by the card, whose figures never change. */
const known = new WeakMap<ResolvedCard, Map<FaceId, readonly Seen[]>>();

/** What is seen of everything on a face, in paint order. */
function visibleParts(card: ResolvedCard, face: FaceId): readonly Seen[] {
  const faces = known.get(card) ?? new Map<FaceId, readonly Seen[]>();
  known.set(card, faces);
  const before = faces.get(face);
  if (before) return before;
  const order = card.painted[face];
  const seen = order.map((): Seen => ({ whole: 0, visible: 0 }));
  const hides = hiding(card, order);
  const isOnPaper = lyingOnPaper(order);
  for (const { covers, area } of arrange([...order.map(outlineOf), outlineOfBase(card.base)]))
    for (const [at, index] of covers.entries()) {
      const each = seen[index];
      if (!each) continue;
      each.whole += area;
      const isHidden = covers.slice(at + 1).some((above) => hides(above, index));
      if (!isHidden && isOnPaper(index, covers)) each.visible += area;
    }
  faces.set(face, seen);
  return seen;
}

/** Whether what lies over a thing hides it, by their places in the order; paper does not hide what carries it. */
function hiding(card: ResolvedCard, order: readonly Placed[]) {
  const under = order.map((placed) => new Set<string>(supportsUnder(card, placed)));
  const isSeenThrough = order.map((placed) => isMark(placed) && isGround(placed));
  return (above: number, below: number): boolean => {
    const thing = order[below];
    if (!thing || above >= order.length || isSeenThrough[above]) return false;
    return isMark(thing) || !under[above]?.has(thing.id);
  };
}

/** Whether the part in which these outlines lie is paper that carries the thing; the base counts after all things. */
function lyingOnPaper(order: readonly Placed[]) {
  const places = new Map<string, number>(order.map(({ id }, index) => [id, index]));
  return (index: number, covers: readonly number[]): boolean => {
    const thing = order[index];
    if (!thing || !isMark(thing)) return true;
    const paper = thing.support === 'base' ? order.length : places.get(thing.support);
    return paper === undefined || covers.includes(paper);
  };
}
