import { flattenLines, flattenPath } from '../geometry/flattenPath';
import { isWithin, nearestBetween, touches } from '../outline/distance';
import { rounded, turned, type Outline, type Rect } from '../outline/outline';
import type { Paint } from '../kinds/paint';
import type { Stroke } from '../kinds/stroke';
import { kindOf } from '../kinds/kinds';
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
        isWhole: halfWidth === undefined && isWithin(outline, stroke.outline),
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

function inked(
  mark: ResolvedMark,
  { path, box, paint, lineWidth, at = mark.whole }: Extract<Stroke, { kind: 'path' }>,
): InkedStroke {
  const lines = lineWidth > 0 ? flattenLines(path) : flattenPath(path);
  return {
    outline: onFaceOf(mark, lines, box, at),
    halfWidth: lineWidth > 0 ? lineWidth / 2 : undefined,
    paint,
  };
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
