import { kindOf } from '../kinds/kinds';
import { isPatterned, isSeenThrough, type Paint } from '../kinds/paint';
import type { Stroke } from '../kinds/stroke';
import { lengthFromTicks, subtractLengths, zeroLength, type Length } from '../length/length';
import type { FaceId } from '../plan/faces';
import type { DieSet } from '../plan/libraryItem';
import type { Mark } from '../plan/piece';
import type { Polygon } from '../geometry/flattenPath';
import { boundsOf, boxesOverlap, turnedCorners, type Outline, type Rect } from '../outline/outline';
import { isLifted } from '../resolve/bond';
import type { ResolvedBase, ResolvedCard } from '../resolve/resolvedCard';
import type { ResolvedPiece } from '../resolve/resolvedPiece';
import { isMark, outlineOf } from '../resolve/outlineOf';
import { isRibbon, type Ribbon } from '../resolve/ribbonParts';
import { isGround, type ResolvedMark } from '../resolve/resolvedMark';

/** One sheet of card or paper as seen on a face, in ticks from its top left corner. */
export interface DrawnPiece {
  /** The piece or `base`; `base-right` is the right flap of a gate. */
  readonly id: string;
  /** Its box before it is turned. */
  readonly rect: Rect;
  /** Degrees clockwise, about the middle of the box. */
  readonly turn: number;
  /** What a die cuts that is no rectangle, stretched to the box. */
  readonly shape: DieSet['shape'];
  /** How far inside the cut a stitched line runs; undefined for none. */
  readonly stitch: Length | undefined;
  readonly isMirrored: boolean;
  /** The box of what is cut before it is cut down. */
  readonly uncut: Rect;
  /** It shows only within all of these lines on the face. */
  readonly clips: readonly Polygon[];
  /** Undefined where no sheet is drawn, only what goes over several. */
  readonly colour: string | undefined;
  readonly patterned: boolean;
  /** Lifted on foam, so that it throws a shadow. */
  readonly lifted: boolean;
  /** What lies on it without being paper, in the order it is put on. */
  readonly marks: readonly DrawnMark[];
}

/** A mark as seen on its paper. */
export interface DrawnMark {
  readonly id: string;
  readonly rect: Rect;
  readonly turn: number;
  /** The box its strokes are drawn in; of a masked stamp only `rect` shows of it. */
  readonly whole: Rect;
  readonly strokes: readonly Stroke[];
  /** What its strokes are made from: two marks with the same, in the same boxes and colours, look alike. */
  readonly from: readonly [Mark, ResolvedMark['stamp'], ResolvedMark['stencil']] | undefined;
  /** It shows only within this, the strips of a scene it is inked in. */
  readonly within: Outline | undefined;
  /** The colours it is seen in, as one text. */
  readonly look: string;
  /** The grounds it lies on, or the marks a late ground lies on, whose colour is seen through its own. */
  readonly over: readonly DrawnMark[];
}

/** The base and what lies on a face, lowest first: what screen, ledge and print all draw. */
export function drawFace(card: ResolvedCard, face: FaceId): readonly DrawnPiece[] {
  // Marks across both flaps are drawn on the last, so that neither flap hides them.
  const drawn = drawBase(card.base, face).map((piece) => ({ ...piece, marks: [] as DrawnMark[] }));
  const laid = new Map<DrawnMark, ResolvedMark>();
  for (const placed of card.painted[face])
    if (isRibbon(placed)) drawn.push(drawOver(placed));
    else if (isMark(placed)) layMark(drawn.at(-1)?.marks ?? [], placed, laid);
    else drawn.push({ ...drawPaper(placed), marks: [] });
  return drawn;
}

/** Adds a mark to those of its paper, with those of them that are seen through it. */
function layMark(marks: DrawnMark[], mark: ResolvedMark, laid: Map<DrawnMark, ResolvedMark>): void {
  const drawn = drawMark(mark);
  const isOverAny = mark.paints.some((paint) => paint && isSeenThrough(paint));
  const over = isOverAny
    ? marks.filter((under) => {
        const other = laid.get(under);
        // What is printed over a print is kept off it by a mask.
        return (
          other &&
          (isGround(mark) || isGround(other)) &&
          boxesOverlap(boundsOf(outlineOf(mark)), boundsOf(outlineOf(other)))
        );
      })
    : [];
  const whole = over.length > 0 ? { ...drawn, over } : drawn;
  laid.set(whole, mark);
  marks.push(whole);
}

/** A ribbon, which goes over the edges of what it lies on. */
function drawOver(ribbon: Ribbon): DrawnPiece & { readonly marks: DrawnMark[] } {
  const { x0, y0, x1, y1 } = boundsOf(outlineOf(ribbon));
  const rect = {
    x: lengthFromTicks(x0),
    y: lengthFromTicks(y0),
    width: lengthFromTicks(x1 - x0),
    height: lengthFromTicks(y1 - y0),
  };
  return {
    ...{ id: `over ${ribbon.id}`, rect, uncut: rect, turn: 0, shape: null, stitch: undefined },
    ...{ isMirrored: false, clips: [], colour: undefined, patterned: false, lifted: false },
    marks: [drawMark(ribbon)],
  };
}

function drawPaper({
  id,
  rect,
  uncut,
  clip,
  shape,
  stitch,
  paint,
  bonds,
  piece,
}: ResolvedPiece): DrawnPiece {
  const isCutDown = shape !== undefined && piece.crop !== null;
  return {
    id,
    rect,
    turn: piece.place.turn,
    shape: shape ?? null,
    stitch,
    isMirrored: piece.isMirrored,
    uncut,
    clips: [...(isCutDown ? [turnedCorners(rect, piece.place.turn)] : []), ...(clip ? [clip] : [])],
    colour: paint.colour,
    patterned: isPatterned(paint),
    lifted: isLifted({ bonds }),
    marks: [],
  };
}

/** A mark with its strokes, ready to be drawn. */
export function drawMark(mark: ResolvedMark): DrawnMark {
  const { id, rect, piece, within } = mark;
  const strokes = kindOf(piece).strokes(mark);
  const whole = strokes.reduce<Rect>(
    (sum, stroke) => (stroke.kind === 'path' && stroke.at ? boxRound(sum, stroke.at) : sum),
    mark.whole,
  );
  const from = [piece, mark.stamp, mark.stencil] as const;
  const look = mark.paints.map(lookOf).join(' ');
  return { id, rect, whole, turn: piece.place.turn, strokes, from, within, look, over: [] };
}

function lookOf(paint: Paint | undefined): string {
  if (!paint) return '-';
  const stops = paint.varies?.stops.map(({ at, colour }) => `${at}${colour}`) ?? [];
  return [paint.colour, ...stops].join(',');
}

function boxRound(a: Rect, b: Rect): Rect {
  const [x, y] = [Math.min(a.x, b.x), Math.min(a.y, b.y)];
  return {
    x: lengthFromTicks(x),
    y: lengthFromTicks(y),
    width: lengthFromTicks(Math.max(a.x + a.width, b.x + b.width) - x),
    height: lengthFromTicks(Math.max(a.y + a.height, b.y + b.height) - y),
  };
}

/** One sheet, or the two flaps of a gate seen from the front. */
function drawBase({ face: size, paint, scores }: ResolvedBase, face: FaceId): DrawnPiece[] {
  const leaf = (id: string, rect: Rect): DrawnPiece => ({
    id,
    rect,
    uncut: rect,
    turn: 0,
    shape: null,
    stitch: undefined,
    isMirrored: false,
    clips: [],
    colour: paint.colour,
    patterned: isPatterned(paint),
    lifted: false,
    marks: [],
  });
  const [middle, second] = scores.map(({ at }) => at);
  if (middle === undefined || second === undefined || face !== 'front')
    return [leaf('base', { x: zeroLength, y: zeroLength, ...size })];
  const { width, height } = size;
  return [
    leaf('base', { x: zeroLength, y: zeroLength, width: middle, height }),
    leaf('base-right', {
      x: middle,
      y: zeroLength,
      width: subtractLengths(width, middle),
      height,
    }),
  ];
}
