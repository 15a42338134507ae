import { contains } from '../outline/distance';
import { corners, type Outline } from '../outline/outline';
import type { Polygon } from '../geometry/flattenPath';
import { outlineOfPaper } from '../resolve/outlineOf';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { ResolvedPiece } from '../resolve/resolvedPiece';

/** The closed lines of a piece as it is cut out of its blank, from the blank's top left corner, in ticks. */
export interface PieceContour {
  readonly width: number;
  readonly height: number;
  /** Openings within the piece; they are cut first, while the piece is still held. */
  readonly windows: Outline;
  /** The line round the piece; more than one where it falls into parts. */
  readonly outer: Outline;
}

/** The contours of every piece of a card by its letter, those of the base too. */
export function pieceContours({ base, pieces }: ResolvedCard): ReadonlyMap<string, PieceContour> {
  const { width, height } = base.blank;
  const blank = { width, height, windows: [], outer: [corners({ x: 0, y: 0, width, height })] };
  return new Map<string, PieceContour>([
    [base.letter, blank],
    ...pieces.map((piece) => [piece.letter, contourOf(piece)] as const),
  ]);
}

function contourOf(placed: ResolvedPiece): PieceContour {
  const { cut, rect, opening, piece, shape } = placed;
  // What is trimmed off after decorating is still on the blank, to the left and above.
  const [left, top] = [piece.trim?.left.ticks ?? 0, piece.trim?.top.ticks ?? 0];
  const onBlank = (outline: Outline) =>
    outline.map((polygon) =>
      polygon.map(({ x, y }) => ({ x: x - rect.x + left, y: y - rect.y + top })),
    );
  const { width, height } = cut;
  const straight = {
    ...placed,
    clip: undefined,
    piece: { ...piece, place: { ...piece.place, turn: 0 } },
  };
  const drawn = shape
    ? onBlank(outlineOfPaper(straight))
    : [corners({ x: 0, y: 0, width, height })];
  const windows = [
    ...drawn.filter((polygon) => isWithinOthers(polygon, drawn)),
    ...(opening ? onBlank([corners(opening)]) : []),
  ];
  return { width, height, windows, outer: drawn.filter((polygon) => !windows.includes(polygon)) };
}

/** Whether a line lies inside an odd number of the others, so that what it goes round falls out. */
function isWithinOthers(polygon: Polygon, all: Outline): boolean {
  const [point] = polygon;
  if (!point) return false;
  return contains(
    all.filter((other) => other !== polygon),
    point,
  );
}

/** A contour where a piece lies on its sheet, turned by a quarter where it lies so. */
export function layContour(
  { width, height, windows, outer }: PieceContour,
  at: { readonly x: number; readonly y: number; readonly w: number; readonly h: number },
): Pick<PieceContour, 'windows' | 'outer'> {
  const isTurned = at.w !== width || at.h !== height;
  const lay = (outline: Outline) =>
    outline.map((polygon) =>
      polygon.map(({ x, y }) =>
        isTurned ? { x: at.x + height - y, y: at.y + x } : { x: at.x + x, y: at.y + y },
      ),
    );
  return { windows: lay(windows), outer: lay(outer) };
}
