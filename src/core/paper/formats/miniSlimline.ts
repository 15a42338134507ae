import { inches } from '../../length/length';
import type { CardFormat } from '../cardFormat';

export const miniSlimline: CardFormat = {
  id: 'mini-slimline',
  name: 'Mini slimline',
  finished: { short: inches(3, 1, 2), long: inches(6) },
  source: 'from memory (US)',
  sheetBlanks: [],
};
