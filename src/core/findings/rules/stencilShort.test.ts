import { describe, expect, it } from 'vitest';
import { find, mended } from '../../../../test/support/findings';
import { drizzle, library, measure, pieceOn, stencilledOn } from '../../../../test/support/plans';
import type { Library } from '../../plan/library';

const panel = pieceOn('front', 'panel', measure('4 1/4', '5 1/2'));

describe('a stencil smaller than its zone', () => {
  it('a stencil that cannot go on is found, and kept to what it covers', () => {
    const once: Library = library.map((item) =>
      item.kind === 'stencil' ? { ...item, repeat: { kind: 'single' } } : item,
    );
    const pieces = [panel, stencilledOn('panel', 'rain', drizzle)];
    expect(find('stencil-short', pieces)).toEqual([]);
    expect(find('stencil-short', pieces, once)[0]?.data).toMatchObject({ reason: 'single' });
    expect(mended('stencil-short', pieces, once)).toEqual([]);
  });
});
