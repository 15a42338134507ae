import { lengthFromTicks, zeroLength, type Length } from '../length/length';
import { boundsOf, type Outline } from '../outline/outline';
import { contains, distanceToLines, touches } from '../outline/distance';
import { outlineOf, outlineOfBase, type Placed } from '../resolve/outlineOf';
import type { ResolvedCard } from '../resolve/resolvedCard';

/** What carries a thing: the face, or the paper it lies on. */
export function outlineUnder(card: ResolvedCard, { support }: Placed): Outline {
  const paper = card.pieces.find(({ id }) => id === support);
  return paper ? outlineOf(paper) : outlineOfBase(card.base);
}

/** How far a thing reaches over the line of the paper it lies on; zero where it keeps within. */
export function beyondPaper(card: ResolvedCard, placed: Placed): Length {
  const under = outlineUnder(card, placed);
  const outline = outlineOf(placed);
  const [own, room] = [boundsOf(outline), boundsOf(under)];
  const isInBox = own.x0 >= room.x0 && own.y0 >= room.y0 && own.x1 <= room.x1 && own.y1 <= room.y1;
  if (isInBox && isBox(under)) return zeroLength;
  const reach = outline.flat().reduce((most, point) => {
    if (contains(under, point)) return most;
    return Math.max(most, distanceToLines(point, under));
  }, 0);
  return lengthFromTicks(Math.round(reach));
}

/** Whether a thing lies beside the paper that is to carry it. */
export function isOffPaper(card: ResolvedCard, placed: Placed): boolean {
  return !touches(outlineOf(placed), outlineUnder(card, placed));
}

/** Whether an outline is one upright box. */
function isBox(outline: Outline): boolean {
  const [polygon, ...more] = outline;
  if (!polygon || more.length > 0 || polygon.length !== 4) return false;
  return polygon.every(({ x, y }, at) => {
    const next = polygon[(at + 1) % 4];
    return next !== undefined && (x === next.x || y === next.y);
  });
}
