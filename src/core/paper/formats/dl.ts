import { millimetres } from '../../length/length';
import type { CardFormat } from '../cardFormat';

export const dl: CardFormat = {
  id: 'dl',
  name: 'DL',
  finished: { short: millimetres(99), long: millimetres(210) },
  source: 'a third of an A4 (ISO 216); an A4 cut at 198 mm gives the blank, common practice',
  sheetBlanks: [],
};
