import { inches, millimetres, type Length } from '../../length/length';
import type { CardFormat, CardFormatId } from '../cardFormat';

/** The usual squares; the US post surcharges them. */
export const squares: readonly CardFormat[] = [
  square('square-5', 'Square 5', inches(5), 'common practice (US)'),
  square('square-5-1-4', 'Square 5 1⁄4', inches(5, 1, 4), 'common practice (US)'),
  square('square-148', 'Square 148', millimetres(148), 'from memory; the width of an A5'),
];

function square(id: CardFormatId, name: string, side: Length, source: string): CardFormat {
  return { id, name, finished: { short: side, long: side }, source, sheetBlanks: [] };
}
