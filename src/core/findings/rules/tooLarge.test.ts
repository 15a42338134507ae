import { describe, expect, it } from 'vitest';
import { find } from '../../../../test/support/findings';
import {
  coves,
  library,
  measure,
  pieceOn,
  stampedOn,
  typed,
  wren,
} from '../../../../test/support/plans';
import type { Library } from '../../plan/library';

const panel = pieceOn('front', 'panel', measure('4 1/4', '5 1/2'));

describe('what a tool does not take', () => {
  it('a die wider than the press is found by its shorter side', () => {
    const wide: Library = library.map((item) =>
      item.kind === 'die-set'
        ? { ...item, steps: [{ width: typed('6 1/8'), height: typed('8') }] }
        : item,
    );
    const cover = pieceOn('front', 'cover', { by: 'die', set: coves, step: 0, turned: false });
    expect(find('too-large', [cover], wide)[0]?.data).toMatchObject({ tool: 'press' });
    expect(find('too-large', [cover])).toEqual([]);
  });

  it('a stamp larger than the platform is found, either way round', () => {
    const sized = (width: string, height: string): Library =>
      library.map((item) =>
        item.kind === 'stamp' ? { ...item, width: typed(width), height: typed(height) } : item,
      );
    const print = [panel, stampedOn('panel', 'bird', wren)];
    expect(find('too-large', print, sized('7', '4'))[0]?.data).toMatchObject({ tool: 'platform' });
    expect(find('too-large', print, sized('4', '6'))).toEqual([]);
  });
});
