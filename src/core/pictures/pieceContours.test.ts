import { describe, expect, it } from 'vitest';
import { fiveLayers, library, pieceOn } from '../../../test/support/plans';
import { inches } from '../length/length';
import { asTyped } from '../length/typedLength';
import type { LibraryId } from '../plan/ids';
import type { LibraryItem } from '../plan/libraryItem';
import { boundsOf } from '../outline/outline';
import { resolvePlan } from '../resolve/resolvePlan';
import { layContour, pieceContours } from './pieceContours';
import { withPieces } from '../plan/withPieces';

const heart: LibraryItem = {
  kind: 'die-set',
  id: 'heart' as LibraryId,
  version: 1,
  name: 'Heart with a window',
  sale: { from: null, until: null },
  steps: [{ width: asTyped(inches(2)), height: asTyped(inches(1)) }],
  cuts: 'shape',
  stitch: null,
  shape: { box: { width: 20, height: 10 }, outline: 'M0 0H20V10L5 10Z M8 4H12V6H8Z' },
  goesWith: [],
};

describe('the contours of pieces', () => {
  const plan = fiveLayers();
  const cut = pieceOn('top', 'heart', {
    by: 'die',
    set: { id: heart.id, version: 1 },
    step: 0,
    turned: false,
  });
  const card = resolvePlan(withPieces(plan, [...plan.pieces, cut]), [...library, heart]);
  const contours = pieceContours(card);
  const letter = card.pieces.find(({ id }) => id === cut.id)?.letter ?? '';

  it('are those of the base and of every piece, as large as what is cut', () => {
    expect(contours.size).toBe(card.pieces.length + 1);
    for (const { letter: each, cut: size } of card.pieces) {
      const contour = contours.get(each);
      expect([contour?.width, contour?.height]).toEqual([size.width, size.height]);
      expect(contour?.outer).toHaveLength(1);
      const { x0, y0, x1, y1 } = boundsOf(contour?.outer ?? []);
      expect([x0, y0, x1, y1]).toEqual([0, 0, size.width, size.height]);
    }
  });

  it('tell windows from what holds them', () => {
    const contour = contours.get(letter);
    expect([contour?.outer.length, contour?.windows.length]).toEqual([1, 1]);
    expect(contour?.windows[0]).toContainEqual({ x: inches(0, 8, 10), y: inches(0, 4, 10) });
  });

  it('are turned by a quarter, not mirrored, where the piece lies so', () => {
    const contour = contours.get(letter);
    if (!contour) throw new Error('no contour');
    const at = { x: inches(1), y: inches(3), w: inches(1), h: inches(2) };
    const { outer } = layContour(contour, at);
    const { x0, y0, x1, y1 } = boundsOf(outer);
    expect([x0, y0, x1, y1]).toEqual([at.x, at.y, at.x + at.w, at.y + at.h]);
    const signed = (polygon: readonly { x: number; y: number }[]) =>
      polygon.reduce((sum, a, index) => {
        const b = polygon[(index + 1) % polygon.length] ?? a;
        return sum + a.x * b.y - b.x * a.y;
      }, 0);
    expect(Math.sign(signed(outer[0] ?? []))).toBe(Math.sign(signed(contour.outer[0] ?? [])));
  });
});
