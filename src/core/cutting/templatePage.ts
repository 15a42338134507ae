import { writeSize } from '../length/formatLength';
import { lengthFromTicks, type Unit } from '../length/length';
import type { CutLayout } from './cutPlan';
import { corners } from '../outline/outline';
import { cutShapes } from '../drawing/cutLines';
import { layContour, type PieceContour } from '../pictures/pieceContours';
import type { Line, Page, Shape } from '../drawing/shape';

/** What the lines of a template are, which a plotter or printer may tell apart by their layer. */
const looks = {
  sheet: { colour: '#1e2428', width: 4800 },
  /** Openings within pieces, closed; a plotter cuts them before what holds them. */
  window: { colour: '#572a86', width: 3200 },
  /** The line round each piece. */
  contour: { colour: '#a42c19', width: 3200 },
  /** The straight cuts of the trimmer, right across. */
  cut: { colour: '#7a4d00', width: 2400, dash: [96_000, 32_000] },
  score: { colour: '#07606a', width: 3200, dash: [48_000, 24_000] },
  leftover: { colour: '#70797d', width: 2400, dash: [16_000, 16_000] },
} as const satisfies Readonly<Record<string, Line>>;

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
 * A sheet as a template: its outline, the windows and contours of the pieces, each cut of the trimmer with its number,
 * scores, the letters of the pieces, and the sizes of what is left over. Words stay on the sheet, and on the piece they
 * are for as far as it has room. Where pieces share an edge it is drawn once.
 */
export function templatePage({ layout, contours, unit }: Template, title: string): Page {
  const { source, pieces } = layout;
  const laid = pieces.map((piece) => {
    const contour = piece.letters.map((letter) => contours.get(letter)).find((each) => each);
    return layContour(contour ?? plainContour(piece), piece);
  });
  const useful = layout.leftovers.filter(({ isUseful }) => isUseful);
  const lines = (look: Line, all: readonly Pick<NumberedCut, 'x1' | 'y1' | 'x2' | 'y2'>[]) =>
    all.map(({ x1, y1, x2, y2 }): Shape => ({
      kind: 'line',
      points: [
        { x: x1, y: y1 },
        { x: x2, y: y2 },
      ],
      line: look,
    }));
  const boxes = (look: Line, all: readonly { x: number; y: number; w: number; h: number }[]) =>
    all.map(({ x, y, w, h }): Shape => ({
      kind: 'outline',
      outline: [corners({ x, y, width: w, height: h })],
      line: look,
    }));
  return {
    title,
    width: source.w,
    height: source.h,
    layers: [
      { id: 'sheet', shapes: boxes(looks.sheet, [{ x: 0, y: 0, ...source }]) },
      {
        id: 'window',
        shapes: cutShapes(
          laid.flatMap(({ windows }) => windows),
          looks.window,
        ),
      },
      {
        id: 'contour',
        shapes: cutShapes(
          laid.flatMap(({ outer }) => outer),
          looks.contour,
        ),
      },
      { id: 'cut', shapes: lines(looks.cut, cutsOf(layout)) },
      { id: 'score', shapes: lines(looks.score, scoresOf(layout)) },
      { id: 'leftover', shapes: boxes(looks.leftover, useful) },
      { id: 'text', shapes: wordsOn(layout, useful, unit) },
    ],
  };
}

/** The sizes of what is left over, the numbers of the cuts beside them, and the letters of the pieces. */
function wordsOn(layout: CutLayout, useful: CutLayout['leftovers'], unit: Unit): readonly Shape[] {
  const { source, pieces } = layout;
  /** Words no wider and no higher than the room for them, moved in from the edge of the sheet. */
  const write = (
    at: { readonly x: number; readonly y: number },
    room: { readonly w: number; readonly h: number },
    most: number,
    words: string,
  ): Shape => {
    const height = Math.min(most, (room.w * 0.9) / (letterWidth * words.length), room.h * 0.8);
    const half = { w: (height * letterWidth * words.length) / 2, h: height / 2 };
    const within = (place: number, own: number, side: number) =>
      Math.max(own, Math.min(side - own, place));
    const [x, y] = [within(at.x, half.w, source.w), within(at.y, half.h, source.h)];
    return { kind: 'text', align: 'centre', x, y, height, words, colour: '#1e2428' };
  };
  const off = smallHeight * 1.2;
  return [
    ...useful.map(({ x, y, w, h }) => {
      const size = { width: lengthFromTicks(w), height: lengthFromTicks(h) };
      const words = `${writeSize(size, unit)} ${unit}`;
      return write({ x: x + w / 2, y: y + h / 2 }, { w, h }, smallHeight, words);
    }),
    ...cutsOf(layout).map(({ step, x1, y1, x2, y2 }) => {
      const along = { x: Math.sign(x2 - x1), y: Math.sign(y2 - y1) };
      const beside = { x: x1 + (along.x + along.y) * off, y: y1 + (along.y + along.x) * off };
      return write(beside, source, smallHeight, String(step + 1));
    }),
    ...pieces.map(({ x, y, w, h, letters }) =>
      write({ x: x + w / 2, y: y + h / 2 }, { w, h }, letterHeight, letters.join(' ')),
    ),
  ];
}

function plainContour({ w, h }: { readonly w: number; readonly h: number }): PieceContour {
  return {
    width: w,
    height: h,
    windows: [],
    outer: [corners({ x: 0, y: 0, width: w, height: h })],
  };
}
