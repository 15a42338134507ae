import { flattenLines, flattenPath } from '../geometry/flattenPath';
import { isWithin, nearestBetween, touches } from '../outline/distance';
import { rounded, turned, type Outline, type Rect } from '../outline/outline';
import type { Paint } from '../kinds/paint';
import type { Stroke } from '../kinds/stroke';
import { kindOf } from '../kinds/kinds';
import { sameRect } from './outlineOf';
import type { ResolvedMark } from './resolvedMark';

/** What a print does to something that lies where it prints. */
export interface InkMet {
  readonly colour: string;
  /** All of the thing lies on one filled part of the print. */
  readonly isWhole: boolean;
}

/** The strokes of each mark on its face; a mark never changes. */
const known = new WeakMap<ResolvedMark, readonly InkedStroke[]>();

/** One stroke of a print as it lies on its face. */
export interface InkedStroke {
  /** What is filled; of a line, the way along it and back. */
  readonly outline: Outline;
  /** Half the width of the line it is drawn with; undefined where it is filled. */
  readonly halfWidth: number | undefined;
  readonly paint: Paint;
}

/**
 * Where a print inks an outline, stroke by stroke from the lowest: what lies within its silhouette but between its lines
 * is not met.
 */
export function inkMeeting(mark: ResolvedMark, outline: Outline): readonly InkMet[] {
  const { within } = mark;
  if (within && !touches(outline, within)) return [];
  return inkOf(mark).flatMap((stroke): InkMet[] => {
    const { halfWidth, paint } = stroke;
    const isMet =
      halfWidth === undefined
        ? touches(outline, stroke.outline)
        : nearestBetween(outline, stroke.outline).distance <= halfWidth;
    if (!isMet) return [];
    return [
      {
        colour: paint.colour,
        isWhole:
          halfWidth === undefined &&
          isWithin(outline, stroke.outline) &&
          (!within || isWithin(outline, within)),
      },
    ];
  });
}

/** What a print leaves on the paper, stroke by stroke from the lowest; nothing of its words. */
export function inkOf(mark: ResolvedMark): readonly InkedStroke[] {
  const before = known.get(mark);
  if (before) return before;
  const strokes = kindOf(mark.piece)
    .strokes(mark)
    .flatMap((stroke) => (stroke.kind === 'path' ? [inked(mark, stroke)] : []));
  known.set(mark, strokes);
  return strokes;
}

type PathStroke = Extract<Stroke, { kind: 'path' }>;

function inked(mark: ResolvedMark, stroke: PathStroke): InkedStroke {
  const { paint, lineWidth } = stroke;
  return {
    outline: placedOutline(mark, stroke),
    halfWidth: lineWidth > 0 ? lineWidth / 2 : undefined,
    paint,
  };
}

/** The outlines of a piece's strokes where it lies, areas and lines, by their paths; another colour leaves them as they are. */
interface KeptOutlines extends Pick<ResolvedMark, 'rect' | 'whole'> {
  readonly areas: Map<string, Outline>;
  readonly lines: Map<string, Outline>;
}

/** A piece that an edit leaves alone stays the same object. */
const placedOf = new WeakMap<ResolvedMark['piece'], KeptOutlines>();

function placedOutline(mark: ResolvedMark, { path, box, lineWidth, at }: PathStroke): Outline {
  const isLine = lineWidth > 0;
  const place = () => onFaceOf(mark, isLine ? flattenLines(path) : flattenPath(path), box, at);
  // Of what is laid down again and again the same path lies at many places.
  if (at) return place();
  const { piece, rect, whole } = mark;
  const before = placedOf.get(piece);
  const isThere = before && sameRect(before.rect, rect) && sameRect(before.whole, whole);
  const placed = isThere ? before : { rect, whole, areas: new Map(), lines: new Map() };
  if (!isThere) placedOf.set(piece, placed);
  const outlines: Map<string, Outline> = isLine ? placed.lines : placed.areas;
  const known = outlines.get(path);
  if (known) return known;
  const outline = place();
  outlines.set(path, outline);
  return outline;
}

/** Where an outline of a drawing lies on the face of a mark, turned as the mark lies. @param box what it is drawn in */
export function onFaceOf(
  { rect, whole, piece }: ResolvedMark,
  outline: Outline,
  box: { readonly width: number; readonly height: number },
  at: Rect = whole,
): Outline {
  const onFace = outline.map((line) =>
    line.map(({ x, y }) =>
      rounded({
        x: at.x + (x / box.width) * at.width,
        y: at.y + (y / box.height) * at.height,
      }),
    ),
  );
  return turned(onFace, rect, piece.place.turn);
}
