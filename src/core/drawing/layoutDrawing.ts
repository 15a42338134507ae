import { writeSize } from '../length/formatLength';
import { lengthFromTicks, type Unit } from '../length/length';
import type { CutLayout } from '../cutting/cutPlan';
import type { Polygon } from '../geometry/flattenPath';
import { corners } from '../outline/outline';
import { layContour, type PieceContour } from './pieceContours';

/** What a line or a word of a template is, which a plotter or printer may tell apart. */
export const templateLayers = [
  'sheet',
  /** Openings within pieces, closed; a plotter cuts them before what holds them. */
  'window',
  /** The line round each piece, closed. */
  'contour',
  /** The straight cuts of the trimmer, right across. */
  'cut',
  'score',
  'leftover',
  'text',
] as const;
export type TemplateLayer = (typeof templateLayers)[number];

/** What draws a template. Ticks from the top left corner, y downward; the pen turns them to its own. */
export interface TemplatePen {
  readonly rect: (layer: TemplateLayer, x: number, y: number, w: number, h: number) => void;
  readonly line: (layer: TemplateLayer, x1: number, y1: number, x2: number, y2: number) => void;
  /** A line from point to point and back to the first. */
  readonly closed: (layer: TemplateLayer, polygon: Polygon) => void;
  /** Centred on the point, so many ticks high. */
  readonly text: (x: number, y: number, height: number, words: string) => void;
}

/** A cut of a layout and the step it belongs to, counted from 0. */
export interface NumberedCut {
  readonly step: number;
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
}

/** Every cut of a layout, in the order they are made. */
export function cutsOf({ steps }: CutLayout): readonly NumberedCut[] {
  return steps.flatMap(({ line, parts }, step) =>
    parts.flatMap(({ lines }) =>
      lines.map(({ x, y, length }) => ({
        step,
        x1: x,
        y1: y,
        x2: line === 'upright' ? x : x + length,
        y2: line === 'upright' ? y + length : y,
      })),
    ),
  );
}

/** The scores of a layout's pieces, where they lie on the sheet. */
export function scoresOf({ pieces }: CutLayout): readonly Omit<NumberedCut, 'step'>[] {
  return pieces.flatMap(({ x, y, w, h, scores }) =>
    scores.map(({ line, at }) =>
      line === 'upright'
        ? { x1: x + at, y1: y, x2: x + at, y2: y + h }
        : { x1: x, y1: y + at, x2: x + w, y2: y + at },
    ),
  );
}

/** Letters are 5 mm high, numbers of cuts and sizes 3 mm. */
const letterHeight = 80_000;
const smallHeight = 48_000;
/** How wide a character is at most for its height, about. */
const letterWidth = 0.62;

/** What a template is drawn of: the layout, the contours of its pieces by letter, the unit that leads. */
export interface Template {
  readonly layout: CutLayout;
  readonly contours: ReadonlyMap<string, PieceContour>;
  readonly unit: Unit;
}

/**
 * Draws a sheet as a template: its outline, the windows and contours of the pieces, each cut of the trimmer with its
 * number, scores, the letters of the pieces, and the sizes of what is left over. Words stay on the sheet, and on the
 * piece they are for as far as it has room.
 */
export function drawTemplate({ layout, contours, unit }: Template, pen: TemplatePen): void {
  const { source, pieces, leftovers } = layout;
  pen.rect('sheet', 0, 0, source.w, source.h);
  const laid = pieces.map((piece) => {
    const contour = piece.letters.map((letter) => contours.get(letter)).find((each) => each);
    return layContour(contour ?? plainContour(piece), piece);
  });
  for (const { windows } of laid) for (const polygon of windows) pen.closed('window', polygon);
  for (const { outer } of laid) for (const polygon of outer) pen.closed('contour', polygon);
  /** Words no wider and no higher than the room for them, moved in from the edge of the sheet. */
  const write = (
    x: number,
    y: number,
    room: { w: number; h: number },
    most: number,
    words: string,
  ) => {
    const fitting = Math.min(most, (room.w * 0.9) / (letterWidth * words.length), room.h * 0.8);
    const half = { w: (fitting * letterWidth * words.length) / 2, h: fitting / 2 };
    const within = (at: number, own: number, side: number) =>
      Math.max(own, Math.min(side - own, at));
    pen.text(within(x, half.w, source.w), within(y, half.h, source.h), fitting, words);
  };
  for (const { x, y, w, h, isUseful } of leftovers) {
    if (!isUseful) continue;
    pen.rect('leftover', x, y, w, h);
    const size = { width: lengthFromTicks(w), height: lengthFromTicks(h) };
    write(x + w / 2, y + h / 2, { w, h }, smallHeight, `${writeSize(size, unit)} ${unit}`);
  }
  for (const { step, x1, y1, x2, y2 } of cutsOf(layout)) {
    pen.line('cut', x1, y1, x2, y2);
    const [alongX, alongY] = [Math.sign(x2 - x1), Math.sign(y2 - y1)];
    const off = smallHeight * 1.2;
    write(
      x1 + alongX * off + alongY * off,
      y1 + alongY * off + alongX * off,
      { w: source.w, h: source.h },
      smallHeight,
      String(step + 1),
    );
  }
  for (const { x1, y1, x2, y2 } of scoresOf(layout)) pen.line('score', x1, y1, x2, y2);
  for (const { x, y, w, h, letters } of pieces)
    write(x + w / 2, y + h / 2, { w, h }, letterHeight, letters.join(' '));
}

function plainContour({ w, h }: { readonly w: number; readonly h: number }): PieceContour {
  return {
    width: w,
    height: h,
    windows: [],
    outer: [corners({ x: 0, y: 0, width: w, height: h })],
  };
}
