import { describe, expect, it } from 'vitest';
import { find, mended } from '../../../../test/support/findings';
import { library, measure, pieceOn, typed, wren } from '../../../../test/support/plans';
import type { LibraryId } from '../../plan/ids';
import type { Library } from '../../plan/library';

const panel = pieceOn('front', 'panel', measure('4 1/4', '5 1/2'));

describe('paper cut with scissors', () => {
  it('scissors round a print are told; where the stash has its die, that is the remedy', () => {
    const cut = pieceOn('panel', 'bird', { by: 'stamp', stamp: wren, rim: typed('1/16') });
    expect(find('no-die', [panel, cut])[0]?.data).toMatchObject({
      stamp: 'Garden wren',
      die: undefined,
    });
    const withDie: Library = library.map((item) =>
      item.kind === 'die-set' ? { ...item, goesWith: [wren.id as LibraryId] } : item,
    );
    expect(mended('no-die', [panel, cut], withDie)).toEqual([]);
  });
});
