import { describe, expect, it } from 'vitest';
import {
  library,
  measure,
  pieceOn,
  planOf,
  stampedOn,
  typed,
  wordsOn,
  wren,
} from '../../../test/support/plans';
import { done } from '../../../test/support/shapes';
import { inches } from '../length/length';
import { clearances } from '../measuring/rulerFigures';
import type { PieceId } from '../plan/ids';
import { changePiece } from '../plan/pieceEdits';
import { withPieces } from '../plan/withPieces';
import { resolvePlan } from '../resolve/resolvePlan';
import { wordPlaces, type WordPlacesInput } from './wordPlaces';

describe('places for words', () => {
  const low = { y: { from: 'bottom', distance: typed('1/4') } } as const;
  const plan = planOf([
    pieceOn('front', 'panel', measure('4', '5')),
    stampedOn('panel', 'bird', wren, low),
  ]);
  const places = (change: Partial<WordPlacesInput> = {}) =>
    wordPlaces({
      card: resolvePlan(plan, library),
      face: 'front',
      support: 'panel' as PieceId,
      size: { width: inches(2), height: inches(0, 1, 2) },
      clearance: inches(0, 1, 8),
      without: undefined,
      ...change,
    });

  it('are centred both ways where that is free, and lie there when their rule is resolved', () => {
    const [best] = places().places;
    expect([best?.across, best?.down]).toEqual(['centre', 'centre']);
    expect([best?.place.x, best?.place.y]).toEqual([{ from: 'centre' }, { from: 'centre' }]);
    expect(best?.clearance).toBeGreaterThanOrEqual(inches(0, 1, 8));
  });

  it('keep off what lies there, by the clearance asked for', () => {
    const { places: found } = places({ size: { width: inches(3), height: inches(1) } });
    expect(found.length).toBeGreaterThan(0);
    const bird = resolvePlan(plan, library).marks[0]?.rect;
    for (const { rect } of found)
      expect(rect.y + rect.height).toBeLessThanOrEqual((bird?.y ?? 0) - inches(0, 1, 8));
  });

  it('tell how far it is to the line of what is nearest, as the ticket does once they lie there', () => {
    const words = wordsOn('panel', 'words', ['hello there'], {
      y: { from: 'top', distance: typed('1') },
    });
    const withWords = withPieces(plan, [...plan.pieces, words]);
    const card = resolvePlan(withWords, library);
    const [placed] = card.marks.filter(({ id }) => id === 'words');
    if (!placed) throw new Error('expected words');
    const { places: found } = places({ card, size: placed.rect, without: placed.id });
    expect(found.length).toBeGreaterThan(0);
    for (const { place, nearest, clearance } of found) {
      const moved = resolvePlan(done(withWords, changePiece(words, { place })), library);
      const there = moved.marks.find(({ id }) => id === 'words');
      if (!there || nearest === undefined) continue;
      const [first] = clearances(moved, there, 1);
      expect([first?.other.name, first?.distance]).toEqual([nearest, clearance]);
    }
    expect(found.some(({ nearest }) => nearest === 'bird')).toBe(true);
  });

  it('take no notice of the words themselves', () => {
    const { places: found } = places({ without: 'bird' as PieceId });
    const [first, ...others] = found.map(({ across, down }) => `${across} ${down}`);
    expect(first).toBe('centre centre');
    // The corners of the panel come after it.
    expect(new Set(others)).toEqual(new Set(['corner corner']));
    expect(others).toHaveLength(4);
  });

  it('say on how many strips words would fit that fit nowhere whole', () => {
    const size = (width: number, height: number) => ({
      width: inches(width),
      height: inches(height),
    });
    const none = size(5, 1);
    const lines = ['one half', 'the other'];
    const split = (together: typeof none, half: typeof none) =>
      places({ size: none, split: { lines, together, apart: [half, half] } }).advice.find(
        ({ kind }) => kind === 'split',
      );
    expect(split(size(3, 1), size(3, 1))).toEqual({ kind: 'split', lines, strips: 1 });
    // Together too high for any free place; one above the other, clear of one another, they have room.
    expect(split(size(3, 4), size(3, 1))).toEqual({ kind: 'split', lines, strips: 2 });
    expect(split(size(5, 1), size(5, 1))).toBeUndefined();
  });

  it('say what helps where none fits: how small, or what to move', () => {
    const { places: found, advice } = places({ size: { width: inches(3), height: inches(4) } });
    expect(found).toEqual([]);
    expect(advice).toContainEqual({ kind: 'move', id: 'bird', name: 'bird' });
    const shrink = advice.find(({ kind }) => kind === 'shrink');
    const percent = shrink?.kind === 'shrink' ? shrink.percent : NaN;
    const smaller = (part: number) =>
      places({
        size: {
          width: Math.floor((inches(3) * part) / 100) as never,
          height: Math.floor((inches(4) * part) / 100) as never,
        },
      }).places.length;
    expect(smaller(percent)).toBeGreaterThan(0);
    expect(smaller(percent + 1)).toBe(0);
  });
});
