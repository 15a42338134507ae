import type { Stroke } from '../kinds/stroke';
import { millimetres, TICKS_PER_INCH } from '../length/length';
import { corners, type Rect } from '../outline/outline';
import type { DrawnMark, DrawnPiece } from './drawFace';
import { plain, type Area, type Line, type Shape, type Turn } from '../drawing/shape';
import { meetingShapes, strokeShapes, type LaidStroke } from './strokeShapes';

const ink = '#1e2428';

/** How far a shadow falls to the right and down. */
const shadow = { x: millimetres(0.4), y: millimetres(0.55) };

/** A face, its lowest layer first, each in its own colour. */
export function faceShapes(pieces: readonly DrawnPiece[]): readonly Shape[] {
  return pieces.map((piece) => ({
    kind: 'group',
    clips: clipsOf(piece),
    shapes: [
      ...paperShapes(piece),
      ...(piece.marks.length > 0
        ? [
            {
              kind: 'group' as const,
              clips: [paperArea(piece)],
              shapes: piece.marks.flatMap((mark) => markShapes(mark, paperArea(piece))),
            },
          ]
        : []),
    ],
  }));
}

/** What of its face a sheet is cut off to. */
export function clipsOf({ clips }: DrawnPiece): readonly Area[] {
  return clips.map((clip) => ({ kind: 'outline', outline: [clip] }));
}

/** One sheet without what lies on it: its shadow, its colour, a stitched line, the print of a patterned paper. */
export function paperShapes(piece: DrawnPiece): readonly Shape[] {
  const { lifted, colour, patterned } = piece;
  if (colour === undefined) return [];
  const straight = { ...piece, turn: 0 };
  const area = paperArea(straight);
  const rim: Line = { colour: ink, width: 0.6, opacity: 0.22, isHairline: true };
  const shapes: readonly Shape[] = [
    ...(lifted ? [{ ...paperArea(straight, shadow), fill: plain(ink, 0.28) }] : []),
    { ...area, fill: plain(colour), line: rim },
    ...stitches(straight),
    ...(patterned ? [{ ...area, fill: leafPrint }] : []),
  ];
  const turn = turnOf(piece);
  return turn ? [{ kind: 'group', turn, shapes }] : shapes;
}

/** The area of a sheet, turned as it lies: a rectangle, or its die's shape stretched to the box. */
export function paperArea(
  piece: DrawnPiece,
  by: { readonly x: number; readonly y: number } = { x: 0, y: 0 },
): Area {
  const { rect, uncut, shape, isMirrored } = piece;
  const turn = turnOf(piece);
  if (!shape) return { kind: 'outline', outline: [corners(moved(rect, by))], turn };
  const { outline: path, box } = shape;
  return { kind: 'path', path, box, at: moved(uncut, by), isMirrored, turn };
}

/** A stitched line: the outer cut drawn smaller about its middle, which keeps even on all but slender shapes. */
function stitches({ uncut, shape, stitch, isMirrored }: DrawnPiece): readonly Shape[] {
  if (stitch === undefined) return [];
  const inside = {
    x: uncut.x + stitch,
    y: uncut.y + stitch,
    width: uncut.width - 2 * stitch,
    height: uncut.height - 2 * stitch,
  };
  if (inside.width <= 0 || inside.height <= 0) return [];
  const line: Line = { colour: ink, width: 0.8, dash: [3, 2], opacity: 0.35, isHairline: true };
  const [outer] = shape?.outline.split(/(?<=[Zz])/) ?? [];
  if (!shape || outer === undefined) return [{ kind: 'outline', outline: [corners(inside)], line }];
  return [{ kind: 'path', path: outer, box: shape.box, at: inside, isMirrored, line }];
}

/** A mark in its place: turned, cut down to what is not masked off, and where it lies on a ground, in the colour it has there. */
export function markShapes(mark: DrawnMark, paper: Area): readonly Shape[] {
  const { strokes, whole, over } = mark;
  return keptWithin(mark, [
    inPlace(
      mark,
      strokes.flatMap((stroke) => strokeShapes(stroke, whole, paper)),
    ),
    ...over.flatMap((under) =>
      keptWithin(
        under,
        under.strokes.flatMap((below) =>
          strokes.flatMap((above) =>
            meetingShapes(laidStroke(under, below), laidStroke(mark, above)),
          ),
        ),
      ),
    ),
  ]);
}

/** As far as the strips of its scene let them be seen. */
function keptWithin({ within }: DrawnMark, shapes: readonly Shape[]): readonly Shape[] {
  if (!within) return shapes;
  return [{ kind: 'group', clips: [{ kind: 'outline', outline: within }], shapes }];
}

function laidStroke(mark: DrawnMark, stroke: Stroke): LaidStroke {
  return {
    stroke,
    whole: mark.whole,
    turn: turnOf(mark),
    inPlace: (shapes) => inPlace(mark, shapes),
  };
}

function inPlace(mark: DrawnMark, shapes: readonly Shape[]): Shape {
  const { rect, whole } = mark;
  const isMasked = rect.width !== whole.width || rect.height !== whole.height;
  return {
    kind: 'group',
    turn: turnOf(mark),
    clips: isMasked ? [{ kind: 'outline', outline: [corners(rect)] }] : [],
    shapes,
  };
}

/** The width of a leaf of the print; it is drawn in a box of 14 x 18. */
const leaf = (TICKS_PER_INCH * 3) / 16;
const leafAt = { x: 0, y: 0, width: leaf, height: (leaf * 18) / 14 };
const leafBox = { width: 14, height: 18 };
const leafLine: Line = { colour: ink, width: leaf / 14, opacity: 0.3 };

/** A quiet print that says 'patterned paper' on any colour. */
const leafPrint = {
  kind: 'tiles',
  width: leafAt.width,
  height: leafAt.height,
  shapes: [
    { kind: 'path', path: 'M7 17V9', box: leafBox, at: leafAt, line: leafLine },
    {
      kind: 'path',
      path: 'M7 11c-4 0-5-3-5-5 3 0 5 2 5 5zM7 9c0-4 2-5 5-5 0 3-2 5-5 5z',
      box: leafBox,
      at: leafAt,
      fill: plain('#ffffff', 0.25),
      line: leafLine,
    },
  ],
} as const satisfies Area['fill'];

function turnOf({ rect, turn }: { readonly rect: Rect; readonly turn: number }): Turn | undefined {
  if (turn === 0) return undefined;
  return { degrees: turn, x: rect.x + rect.width / 2, y: rect.y + rect.height / 2 };
}

const moved = (rect: Rect, by: { readonly x: number; readonly y: number }) => ({
  x: rect.x + by.x,
  y: rect.y + by.y,
  width: rect.width,
  height: rect.height,
});
