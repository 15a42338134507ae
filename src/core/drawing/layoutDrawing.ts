import { writeSize } from '../length/formatLength';
import { lengthFromTicks, type Unit } from '../length/length';
import type { CutLayout } from '../cutting/cutPlan';

/** What a line or a word of a template is, which a plotter or printer may tell apart. */
export type TemplateLayer = 'sheet' | 'cut' | 'score' | 'leftover' | 'text';

/** What draws a template. Ticks from the top left corner, y downward; the pen turns them to its own. */
export interface TemplatePen {
  readonly rect: (layer: TemplateLayer, x: number, y: number, w: number, h: number) => void;
  readonly line: (layer: TemplateLayer, x1: number, y1: number, x2: number, y2: number) => void;
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

/**
 * Draws a sheet as a template: its outline, each cut with its number, scores, the letters of the pieces,
 * and the sizes of what is left over.
 */
export function drawTemplate(layout: CutLayout, unit: Unit, pen: TemplatePen): void {
  const { source, pieces, leftovers } = layout;
  pen.rect('sheet', 0, 0, source.w, source.h);
  for (const { x, y, w, h, isUseful } of leftovers) {
    if (!isUseful) continue;
    pen.rect('leftover', x, y, w, h);
    const size = { width: lengthFromTicks(w), height: lengthFromTicks(h) };
    pen.text(x + w / 2, y + h / 2, smallHeight, `${writeSize(size, unit)} ${unit}`);
  }
  for (const { step, x1, y1, x2, y2 } of cutsOf(layout)) {
    pen.line('cut', x1, y1, x2, y2);
    const [alongX, alongY] = [Math.sign(x2 - x1), Math.sign(y2 - y1)];
    const off = smallHeight * 1.2;
    pen.text(
      x1 + alongX * off + alongY * off,
      y1 + alongY * off + alongX * off,
      smallHeight,
      String(step + 1),
    );
  }
  for (const { x1, y1, x2, y2 } of scoresOf(layout)) pen.line('score', x1, y1, x2, y2);
  for (const { x, y, w, h, letters } of pieces)
    pen.text(x + w / 2, y + h / 2, letterHeight, letters.join(' '));
}
