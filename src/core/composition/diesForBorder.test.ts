import { describe, expect, it } from 'vitest';
import { library } from '../../../test/support/plans';
import { inches } from '../length/length';
import { diesForBorder } from './diesForBorder';

describe('the dies for a border', () => {
  it('come nearest first, with the border each gives and how far off it is', () => {
    const found = diesForBorder(
      library,
      { width: inches(4), height: inches(5, 1, 4) },
      inches(0, 1, 8),
    );
    expect(found.map(({ step, off }) => [step, off])).toEqual([
      [1, 0],
      [0, inches(0, 1, 8)],
      [2, inches(0, 1, 8)],
    ]);
    expect(found[0]?.reveals).toMatchObject({ left: inches(0, 1, 8), top: inches(0, 1, 8) });
  });

  it('are laid the way that suits a lying panel, and none where none fits', () => {
    const [first] = diesForBorder(
      library,
      { width: inches(5, 1, 4), height: inches(4) },
      inches(0, 1, 8),
    );
    expect(first).toMatchObject({ turned: true, off: 0 });
    expect(
      diesForBorder(library, { width: inches(1), height: inches(1) }, inches(0, 1, 8)),
    ).toEqual([]);
  });
});
