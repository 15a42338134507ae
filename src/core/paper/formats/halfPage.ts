import { inches } from '../../length/length';
import type { CardFormat } from '../cardFormat';

/** Closed size: people also call the flat blank 8 1/2 x 5 1/2 of an A2 a half page. */
export const halfPage: CardFormat = {
  id: 'half-page',
  name: 'Half page',
  finished: { short: inches(5, 1, 2), long: inches(8, 1, 2) },
  source: 'common practice (US); half of the letter sheet of ASME Y14.1',
  sheetBlanks: [],
};
