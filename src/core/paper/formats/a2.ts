import { inches } from '../../length/length';
import type { CardFormat } from '../cardFormat';

export const a2: CardFormat = {
  id: 'a2',
  name: 'A2',
  finished: { short: inches(4, 1, 4), long: inches(5, 1, 2) },
  source: 'common practice (US); a quarter of the letter sheet of ASME Y14.1',
  sheetBlanks: [],
};
