import { describe, expect, it } from 'vitest';
import {
  chalk,
  library,
  moss,
  pieceOn,
  planOf,
  reveal,
  rowPaper,
} from '../../../test/support/plans';
import type { LibraryId, PieceId } from '../plan/ids';
import { stocksOf, type Library } from '../plan/library';
import type { Stock } from '../plan/libraryItem';
import { newBaseStock, newStock, type PaperUse } from './newStock';

const [white] = stocksOf(library);
if (!white) throw new Error('the test library is empty');
const stock = (id: string, change: Partial<Stock>): Stock => ({
  ...white,
  id: id as LibraryId,
  name: id,
  ...change,
});
const beetroot = stock('a-beetroot', { colour: '#7a1f3d' });
const heavy = stock('z-heavy', { gramsPerSquareMetre: 300 });
/** A strong colour and a pattern come first by name. */
const stash: Library = [beetroot, ...library, heavy];
const panel = pieceOn('front', 'panel', reveal('1/8'));
const start = (pieces: Parameters<typeof planOf>[0], use: PaperUse, on = 'panel') =>
  newStock(planOf(pieces), stash, on === 'base' ? { face: 'front' } : { piece: on as PieceId }, use)
    .id;

describe('the stock new paper starts with', () => {
  it('is the whitest card stock, or the last one used where that is white too', () => {
    expect(start([panel], 'layer')).toBe(chalk.id);
    expect(start([], 'layer', 'base')).not.toBe(rowPaper.id);
    const white = { ...panel, stock: chalk };
    const used = pieceOn('panel', 'mat', reveal('1/8'), { stock: moss });
    expect(start([white, used], 'layer')).toBe(moss.id);
  });

  it('is plain under words and prints, which are cut from what they were printed on', () => {
    const printed = { ...panel, stock: rowPaper };
    const other = pieceOn('front', 'strip', reveal('1'), { stock: rowPaper });
    expect(start([{ ...panel, stock: moss }, other], 'words')).toBe(chalk.id);
    expect(start([{ ...panel, stock: moss }], 'print')).toBe(moss.id);
    expect(start([printed], 'print')).toBe(chalk.id);
  });

  it('of a new card is the whitest card stock, the heaviest there is of it', () => {
    expect(newBaseStock(stocksOf(stash))?.id).toBe('z-heavy');
    expect(newBaseStock([])).toBeUndefined();
    expect(newBaseStock(stocksOf(stash).filter(({ paper }) => paper === 'patterned'))?.id).toBe(
      rowPaper.id,
    );
  });
});
