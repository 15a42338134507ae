import { millimetres } from '../../length/length';
import type { CardFormat } from '../cardFormat';

const strip = { width: millimetres(105), height: millimetres(297) };
const from = 'A4 cut once at 105 mm';

export const a6: CardFormat = {
  id: 'a6',
  name: 'A6',
  finished: { short: millimetres(105), long: millimetres(148) },
  source: 'ISO 216; the A4 strip, half a millimetre taller, is common practice',
  sheetBlanks: [
    { id: 'a4-strip', fold: 'tent', stand: 'upright', blank: strip, from },
    {
      id: 'a4-strip',
      fold: 'side',
      stand: 'lying',
      blank: { width: strip.height, height: strip.width },
      from,
    },
  ],
};
