import { inches } from '../../length/length';
import type { CardFormat } from '../cardFormat';

export const slimline: CardFormat = {
  id: 'slimline',
  name: 'Slimline',
  finished: { short: inches(3, 1, 2), long: inches(8, 1, 2) },
  source: 'common practice (US)',
  sheetBlanks: [],
};
