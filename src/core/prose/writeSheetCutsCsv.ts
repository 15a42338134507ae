import { writeLength } from '../length/formatLength';
import { lengthFromTicks, TICKS_PER_INCH, TICKS_PER_MILLIMETRE, type Unit } from '../length/length';
import { writeCsvTable } from '../text/writeCsvTable';
import type { CutPlan } from '../cutting/cutPlan';
import { sourceName } from './cutSentences';

/**
 * The cuts of a plan as CSV (RFC 4180), one row a setting of the fence, sheets alike in one. `lines` are
 * the distances of its cuts from the left or top edge of the sheet.
 */
export function writeSheetCutsCsv({ stocks }: CutPlan, unit: Unit): string {
  const rows = stocks.flatMap(({ name, layouts }) =>
    layouts.flatMap(({ source, times, steps, pieces }, at) =>
      steps.map(({ line, fence, parts }, step) => {
        const lines = parts.flatMap(({ lines: own }) =>
          own.map(({ x, y }) => (line === 'upright' ? x : y)),
        );
        return {
          stock: name,
          sheet: at + 1,
          'cut from': sourceName(source),
          sheets: times,
          step: step + 1,
          line: line === 'upright' ? 'top to bottom' : 'side to side',
          [`fence as set, ${unit}`]: writeLength(lengthFromTicks(fence), unit),
          'fence in': fence / TICKS_PER_INCH,
          'fence mm': fence / TICKS_PER_MILLIMETRE,
          cuts: lines.length,
          'at mm': lines.map((each) => each / TICKS_PER_MILLIMETRE).join(' '),
          pieces: [...new Set(pieces.flatMap(({ letters }) => letters))].join(' '),
        };
      }),
    ),
  );
  return writeCsvTable(rows);
}
