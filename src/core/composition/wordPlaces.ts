import { lengthFromTicks, type Length, type Size } from '../length/length';
import type { MarkSpacing } from '../length/marks';
import type { PlaceRule } from '../plan/piece';
import { placedById, supportRect, type ResolvedCard } from '../resolve/resolvedCard';
import type { SupportId } from '../resolve/origins';
import { nearestOf } from '../measuring/rulerFigures';
import { revealsOf } from '../resolve/placePiece';
import { spokenName } from '../resolve/spokenName';
import { boundsOf, corners, shiftedBy, type Outline, type Rect } from '../outline/outline';
import type { FaceId } from '../plan/faces';
import type { PieceId } from '../plan/ids';
import type { SplitWords } from '../lettering/splitWords';
import { emptyRectangles, type Corners, type FreeRect } from './emptyRectangles';
import { isGround } from '../resolve/resolvedMark';
import { isMark, outlineOf, type Placed } from '../resolve/outlineOf';
import { placeAt } from '../measuring/placeAt';

/** What a free place is in line with, the better first. */
export type Alignment = 'centre' | 'third' | 'corner' | 'none';

/** A place where words fit, as it is offered. */
export interface WordPlace {
  /** On the face. */
  readonly rect: Rect;
  readonly place: PlaceRule;
  /** The free rectangle it lies in. */
  readonly free: Rect;
  /** To the line of what lies nearest, or the edge; never less than was asked for. */
  readonly clearance: Length;
  /** What lies nearest, by name; undefined for the edge. */
  readonly nearest: string | undefined;
  readonly across: Alignment;
  readonly down: Alignment;
}

/** What helps where no place is large enough. */
export type WordAdvice =
  /** As large a part of the wanted size as fits somewhere. */
  | { readonly kind: 'shrink'; readonly percent: number }
  /** On two lines it fits in one place; or each half on a strip of its own, in two. */
  | { readonly kind: 'split'; readonly lines: readonly string[]; readonly strips: 1 | 2 }
  /** A thing that leaves a place when it is moved away. */
  | { readonly kind: 'move'; readonly id: PieceId; readonly name: string };

export interface WordPlaces {
  /** The best first. */
  readonly places: readonly WordPlace[];
  /** Where none fits. */
  readonly advice: readonly WordAdvice[];
}

export interface WordPlacesInput {
  readonly card: ResolvedCard;
  readonly face: FaceId;
  readonly support: SupportId;
  /** Of the words or their strip. */
  readonly size: Size;
  /** Of the ruler they are laid by: what is in line with nothing lies on a mark where there is room for that. */
  readonly marks?: MarkSpacing | undefined;
  /** Kept all round, to the edge as well. */
  readonly clearance: Length;
  /** The words broken once more, to be tried where they fit nowhere whole. */
  readonly split?: SplitWords | undefined;
  /** The words themselves, where they lie there already. */
  readonly without: PieceId | undefined;
}

/** More than this many are not told. */
const mostPlaces = 5;

/**
 * The free places for words on a panel: in every largest free rectangle between what lies there, centred on
 * the panel or on one of its thirds where that fits, else in the middle of the free rectangle; and in the corners of the
 * panel it reaches into. The best has the best alignment, then the most air, then comes first in reading order.
 */
export function wordPlaces(input: WordPlacesInput): WordPlaces {
  const places = freePlaces(input);
  const sheet = supportRect(input.card, input.support);
  return { places, advice: places.length > 0 ? [] : advise(lyingThere(input), sheet, input) };
}

/** The places alone: what helps where there is none takes much longer. */
export function freePlaces(input: WordPlacesInput): readonly WordPlace[] {
  const { card, support, without } = input;
  const sheet = supportRect(card, support);
  const there = lyingThere(input);
  const free = freeIn(there, sheet, input.clearance);
  const own = without === undefined ? undefined : placedById(card, without);
  const found = free
    .flatMap((each) => placesIn(each, input, sheet))
    .map((each) => ({
      ...each,
      ...nearestTo(lineAt(each.rect, own), there, sheet),
    }));
  return distinct(found.toSorted(byRank)).slice(0, mostPlaces);
}

/** What words keep clear of. */
function lyingThere({ card, face, support, without }: WordPlacesInput): readonly Placed[] {
  return [...card.pieces, ...card.marks].filter(
    (each) =>
      each.face === face &&
      each.support === support &&
      each.id !== without &&
      !(isMark(each) && isGround(each)),
  );
}

function freeIn(
  there: readonly Placed[],
  sheet: Rect,
  clearance: Length,
  taken?: Corners,
): readonly FreeRect[] {
  const lying = there.map((placed): Corners => {
    const { x0, y0, x1, y1 } = boundsOf(outlineOf(placed));
    return {
      x0: x0 - sheet.x - clearance,
      y0: y0 - sheet.y - clearance,
      x1: x1 - sheet.x + clearance,
      y1: y1 - sheet.y + clearance,
    };
  });
  const obstacles = taken
    ? [
        ...lying,
        {
          x0: taken.x0 - clearance,
          y0: taken.y0 - clearance,
          x1: taken.x1 + clearance,
          y1: taken.y1 + clearance,
        },
      ]
    : lying;
  const { width: w, height: h } = sheet;
  const rim: readonly Corners[] = [
    { x0: 0, y0: 0, x1: clearance, y1: h },
    { x0: w - clearance, y0: 0, x1: w, y1: h },
    { x0: 0, y0: 0, x1: w, y1: clearance },
    { x0: 0, y0: h - clearance, x1: w, y1: h },
  ];
  return emptyRectangles({ w, h }, clearance > 0 ? [...rim, ...obstacles] : obstacles);
}

function placesIn(
  free: FreeRect,
  { size, clearance, marks }: WordPlacesInput,
  sheet: Rect,
): readonly Omit<WordPlace, 'clearance' | 'nearest'>[] {
  if (free.w < size.width || free.h < size.height) return [];
  const middle = [
    alignIn(free.x, free.w, size.width, sheet.width, marks),
    alignIn(free.y, free.h, size.height, sheet.height, marks),
  ] as const;
  const corners = cornersIn(free.x, free.w, size.width, sheet.width, clearance).flatMap((x) =>
    cornersIn(free.y, free.h, size.height, sheet.height, clearance).map((y) => [x, y] as const),
  );
  return [middle, ...corners].map(([across, down]) => placeIn(free, size, sheet, across, down));
}

/** What touches an end of the sheet, but for the clearance, and stands there at the clearance. */
function cornersIn(
  from: number,
  room: number,
  size: number,
  whole: number,
  clearance: Length,
): readonly Aligned[] {
  const ends: Aligned[] = [];
  if (from <= clearance) ends.push({ at: Math.max(from, clearance), alignment: 'corner' });
  if (from + room >= whole - clearance)
    ends.push({ at: Math.min(from + room, whole - clearance) - size, alignment: 'corner' });
  return ends.filter(({ at }) => at >= from && at + size <= from + room);
}

function placeIn(
  free: FreeRect,
  size: Size,
  sheet: Rect,
  across: Aligned,
  down: Aligned,
): Omit<WordPlace, 'clearance' | 'nearest'> {
  const rect: Rect = {
    x: lengthFromTicks(sheet.x + across.at),
    y: lengthFromTicks(sheet.y + down.at),
    width: size.width,
    height: size.height,
  };
  const plain = placeAt(rect, sheet, 0);
  return {
    rect,
    place: {
      x: 'rule' in across ? across.rule : plain.x,
      y: 'rule' in down ? down.rule : plain.y,
      turn: 0,
    },
    free: {
      x: lengthFromTicks(sheet.x + free.x),
      y: lengthFromTicks(sheet.y + free.y),
      width: lengthFromTicks(free.w),
      height: lengthFromTicks(free.h),
    },
    across: across.alignment,
    down: down.alignment,
  };
}

/** The line of what is placed, where it would lie. */
function lineAt(rect: Rect, own: Placed | undefined): Outline {
  if (!own) return [corners(rect)];
  const [dx, dy] = [rect.x - own.rect.x, rect.y - own.rect.y];
  return shiftedBy(outlineOf(own), dx, dy);
}

/** What is nearest to a line, be it a thing or the edge of the sheet, and how far it is. */
function nearestTo(
  line: Outline,
  there: readonly Placed[],
  sheet: Rect,
): Pick<WordPlace, 'clearance' | 'nearest'> {
  const edge = Math.min(...Object.values(revealsOf(line, sheet))) as Length;
  const [nearest] = nearestOf(line, there, 1);
  return nearest && nearest.distance < edge
    ? { clearance: nearest.distance, nearest: spokenName(nearest.other) }
    : { clearance: edge, nearest: undefined };
}

type Aligned =
  | { readonly at: number; readonly alignment: 'corner' | 'none' }
  | {
      readonly at: number;
      readonly alignment: 'centre';
      readonly rule: { readonly from: 'centre' };
    }
  | {
      readonly at: number;
      readonly alignment: 'third';
      readonly rule: { readonly from: 'third'; readonly which: 1 | 2 };
    };

/** Where words stand along one side of a free rectangle, as placing itself would compute it. */
function alignIn(
  from: number,
  room: number,
  size: number,
  whole: number,
  marks: MarkSpacing | undefined,
): Aligned {
  const fits = (at: number) => at >= from && at + size <= from + room;
  const centred = Math.floor((whole - size) / 2);
  if (fits(centred)) return { at: centred, alignment: 'centre', rule: { from: 'centre' } };
  for (const which of [1, 2] as const) {
    const at = Math.floor((2 * which * whole - 3 * size) / 6);
    if (fits(at)) return { at, alignment: 'third', rule: { from: 'third', which } };
  }
  const middle = from + Math.floor((room - size) / 2);
  const onMark = marks === undefined ? middle : atMark(middle, whole - size, marks);
  return { at: fits(onMark) ? onMark : middle, alignment: 'none' };
}

/** The nearest to it that is a whole number of marks from the nearer end of the way. */
function atMark(at: number, way: number, marks: MarkSpacing): number {
  const rounded = (distance: number) => Math.round(distance / marks) * marks;
  return 2 * at <= way ? rounded(at) : way - rounded(way - at);
}

const worth = { centre: 0, third: 1, corner: 1, none: 2 } as const;

function byRank(a: WordPlace, b: WordPlace): number {
  return (
    worth[a.across] + worth[a.down] - worth[b.across] - worth[b.down] ||
    b.clearance - a.clearance ||
    a.rect.y - b.rect.y ||
    a.rect.x - b.rect.x
  );
}

function distinct(places: readonly WordPlace[]): readonly WordPlace[] {
  const seen = new Set<string>();
  return places.filter(({ rect }) => {
    const key = `${rect.x} ${rect.y}`;
    if (seen.has(key)) return false;
    seen.add(key);
    return true;
  });
}

function advise(
  there: readonly Placed[],
  sheet: Rect,
  { size, clearance, split }: WordPlacesInput,
): readonly WordAdvice[] {
  const fitsIn = (free: readonly FreeRect[]) =>
    free.some(({ w, h }) => w >= size.width && h >= size.height);
  const best = Math.max(
    0,
    ...freeIn(there, sheet, clearance).map(({ w, h }) => Math.min(w / size.width, h / size.height)),
  );
  const percent = Math.floor(best * 100);
  const inTheWay = there.filter(({ id }) =>
    fitsIn(
      freeIn(
        there.filter((each) => each.id !== id),
        sheet,
        clearance,
      ),
    ),
  );
  return [
    ...(split ? splitAdvice(there, sheet, clearance, split) : []),
    ...(percent >= 40 ? [{ kind: 'shrink' as const, percent }] : []),
    ...inTheWay.slice(0, 2).map(({ id, name }) => ({ kind: 'move' as const, id, name })),
  ];
}

/** Together in one free place, else one half in a corner of one and the other in what is free then. */
function splitAdvice(
  there: readonly Placed[],
  sheet: Rect,
  clearance: Length,
  { lines, together, apart }: SplitWords,
): readonly WordAdvice[] {
  const holds = ({ w, h }: FreeRect, { width, height }: Size) => w >= width && h >= height;
  const free = freeIn(there, sheet, clearance);
  if (free.some((each) => holds(each, together))) return [{ kind: 'split', lines, strips: 1 }];
  const [first, second] = apart;
  if (!first || !second) return [];
  const hasTwo = free
    .filter((each) => holds(each, first))
    .flatMap((each) => cornersOf(each, first))
    .some((taken) => freeIn(there, sheet, clearance, taken).some((each) => holds(each, second)));
  return hasTwo ? [{ kind: 'split', lines, strips: 2 }] : [];
}

/** A strip in each corner of a free rectangle, from the corner of the sheet. */
function cornersOf({ x, y, w, h }: FreeRect, { width, height }: Size): readonly Corners[] {
  return [x, x + w - width].flatMap((x0) =>
    [y, y + h - height].map((y0) => ({ x0, y0, x1: x0 + width, y1: y0 + height })),
  );
}
