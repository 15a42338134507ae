import { describe, expect, it } from 'vitest';
import { library, pieceOn, planOf, reveal, typed } from '../../../test/support/plans';
import { inches } from '../length/length';
import { resolvePlan } from '../resolve/resolvePlan';
import { supportsExist } from './editTouches';
import { papersOf } from './pieces';
import { putMatUnder } from './putMatUnder';
import { after, onOf } from '../../../test/support/edits';

describe('a mat put under a piece', () => {
  it('keeps the piece’s size and takes its own from it', () => {
    const plan = planOf([pieceOn('front', 'panel', reveal('1/4'))]);
    const [panel] = papersOf(plan);
    const [figures] = resolvePlan(plan, library).pieces;
    if (!panel || !figures) throw new Error('no panel');
    const eighth = typed('1/8');
    const sides = { left: eighth, top: eighth, right: eighth, bottom: eighth };
    const mat = pieceOn('front', 'mat', { by: 'outset', around: panel.id, ...sides });
    const built = after(plan, putMatUnder(plan, panel, mat, figures.rect));
    expect(onOf(built)).toEqual(['mat on front', 'panel on mat']);
    const sizes = resolvePlan(built, library).pieces.map(({ rect }) => [rect.width, rect.height]);
    expect(sizes).toEqual([
      [inches(4), inches(5, 1, 4)],
      [inches(3, 3, 4), inches(5)],
    ]);
    expect(supportsExist(built)).toBe(true);
    expect(supportsExist({ ...built, pieces: built.pieces.slice(0, 1) })).toBe(false);
  });
});
