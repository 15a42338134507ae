import Flatbush from 'flatbush';
import { touches } from '../outline/distance';
import { boundsOf, boxesOverlap, type Outline } from '../outline/outline';
import { areaOfOutline, growOutline, intersectOutlines, lengthOfLines } from '../outline/polygons';
import { chordError, hardlyMeets } from '../tolerances';
import { isLaid, type Print } from './print';

/** Two prints of one paper that meet. */
export interface Meeting {
  readonly behind: Print;
  readonly front: Print;
  /** Where, in ticks; nothing where that was not measured. */
  readonly where: Outline;
  /** Square ticks. */
  readonly area: number;
}

/** What of a paper is seen in the end: prints meet only there. */
export type Clip = (outline: Outline) => Outline;

/**
 * Every pair of prints that meets, front and behind by their places in the list. What meets by less than a hair's breadth
 * does not; what is laid meets whatever it touches.
 * @param prints of one paper, from the back to the front
 * @param isMeasured whether it matters where something that is laid meets a print
 * @example meetingsOf([square, square moved by half its side], (all) => all) // one meeting, of half the area
 */
export function meetingsOf(
  prints: readonly Print[],
  clip: Clip,
  isMeasured: (a: Print, b: Print) => boolean = () => true,
): readonly Meeting[] {
  return pairsNear(prints).flatMap(([behind, front]): readonly Meeting[] => {
    if (behind.imageOf !== undefined && behind.imageOf === front.imageOf) return [];
    if (!touches(behind.reach, front.reach)) return [];
    const isRough = (isLaid(behind) || isLaid(front)) && !isMeasured(behind, front);
    if (isRough) return [{ behind, front, where: [], area: 0 }];
    const where = clip(meetingOf(behind.reach, front.reach));
    return isWide(where) ? [{ behind, front, where, area: areaOfOutline(where) }] : [];
  });
}

/** Pairs whose boxes overlap, the one behind first. */
function pairsNear(prints: readonly Print[]): readonly (readonly [Print, Print])[] {
  if (prints.length < 2) return [];
  const boxes = prints.map(({ reach }) => boundsOf(reach));
  const index = new Flatbush(prints.length);
  for (const { x0, y0, x1, y1 } of boxes) index.add(x0, y0, x1, y1);
  index.finish();
  return prints.flatMap((behind, at) => {
    const box = boxes[at];
    if (!box || behind.reach.length === 0) return [];
    return index
      .search(box.x0, box.y0, box.x1, box.y1)
      .sort((a, b) => a - b)
      .flatMap((other): readonly (readonly [Print, Print])[] => {
        const [front, own] = [prints[other], boxes[other]];
        return front && own && other > at && boxesOverlap(box, own) ? [[behind, front]] : [];
      });
  });
}

/** Where two outlines lie over each other, by the outlines, which stay the same objects where nothing moved. */
const known = new WeakMap<Outline, WeakMap<Outline, Outline>>();

function meetingOf(a: Outline, b: Outline): Outline {
  const own = known.get(a) ?? new WeakMap<Outline, Outline>();
  known.set(a, own);
  const before = own.get(b);
  if (before) return before;
  const where = intersectOutlines(a, b);
  own.set(b, where);
  return where;
}

/** Whether an area is anywhere as wide as prints have to be over each other to meet. */
function isWide(where: Outline): boolean {
  if (where.length === 0) return false;
  // An area is at most its line times the radius of the largest disc in it: this settles most without growing anything.
  if (areaOfOutline(where) > (lengthOfLines(where) * hardlyMeets) / 2) return true;
  return growOutline(where, -hardlyMeets / 2, chordError / 2).length > 0;
}
