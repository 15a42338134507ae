import { describe, expect, it } from 'vitest';
import { copyPieces } from './copyPieces';
import { after, id, onOf, pair } from '../../../test/support/edits';

const numbered = () => {
  let next = 0;
  return () => id(`new-${++next}`);
};

describe('copying', () => {
  it('copies a piece on the same support, right after it', () => {
    const copied = copyPieces(pair, id('words'), numbered());
    expect(onOf(after(pair, copied?.edit)).at(-1)).toBe('new-1 on paper');
    expect(copied?.copy).toBe('new-1');
    expect(copyPieces(pair, id('gone'), numbered())).toBeUndefined();
  });

  it('copies a group as a new group, its pieces on one another', () => {
    const plan = after(pair, copyPieces(pair, id('balloon'), numbered())?.edit);
    expect(onOf(plan)).toEqual([
      'paper on front',
      'bird on paper',
      'balloon on bird',
      'new-1 on paper',
      'new-2 on new-1',
      'words on paper',
    ]);
    expect(new Set(plan.pieces.map(({ group }) => group))).toEqual(
      new Set([null, 'flyers', 'flyers (copy)']),
    );
  });

  it('copies what lies on a piece with it, and lays the copy where it is told', () => {
    const place = { x: { from: 'centre' }, y: { from: 'centre' }, turn: 12 } as const;
    const copied = copyPieces(pair, id('paper'), numbered(), () => place);
    const plan = after(pair, copied?.edit);
    expect(onOf(plan).slice(4)).toEqual([
      'new-1 on front',
      'new-2 on new-1',
      'new-3 on new-2',
      'new-4 on new-1',
    ]);
    expect(plan.pieces.slice(4).map((piece) => piece.place.turn)).toEqual([12, 0, 0, 0]);
  });
});
