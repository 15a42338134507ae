import { describe, expect, it } from 'vitest';
import { demoCards, demoStash } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import { kindOf } from '../kinds/kinds';
import { applyEdit } from '../plan/applyEdit';
import { changePiece } from '../plan/pieceEdits';
import { finishKinds } from '../plan/pieces/looks';
import { resolvePlan } from '../resolve/resolvePlan';
import { colourParts } from './colourParts';
import { newFinish, runsRound } from './finishes';
import { recolour } from './recolour';

const { plan, library } = must(demoCards.find(({ id }) => id === 'lighthouse-keeper'));
const piece = must(plan.pieces.find(({ id }) => id === 'lighthouse'));
if (piece.kind !== 'image') throw new Error('the lighthouse is an image');
const items = [...library, ...demoStash];
const finished = (side: 'left' | 'bottom' = 'bottom') => {
  const finishes = [
    newFinish('halo', items, [], 'in'),
    { ...newFinish('shadow', items, [], 'in'), side },
    newFinish('gloss', items, [], 'in'),
  ];
  const outcome = applyEdit(plan, changePiece(piece, { finishes }));
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.plan;
};
const markOf = (of: typeof plan) =>
  must(resolvePlan(of, items).marks.find(({ id }) => id === piece.id));

describe('a finish', () => {
  it.each(finishKinds)('of kind %s comes out of something that is there', (kind) => {
    const { from, width } = newFinish(kind, items, [], 'in');
    expect('item' in from).toBe(true);
    expect(width !== null).toBe(runsRound(kind));
    expect(newFinish(kind, [], [], 'mm').from).toEqual({
      wish: expect.stringMatching(/^#/) as string,
    });
  });

  it('that runs round an image is drawn under it; what shines is not drawn', () => {
    const before = kindOf(piece).strokes(markOf(plan));
    const after = kindOf(piece).strokes(markOf(finished()));
    expect(after).toHaveLength(before.length + 2);
    expect(after.slice(2).map((stroke) => stroke.kind === 'path' && stroke.path)).toEqual(
      before.map((stroke) => stroke.kind === 'path' && stroke.path),
    );
  });

  it('casts its shadow to the side that is said', () => {
    const shadowOf = (side: 'left' | 'bottom') => {
      const mark = markOf(finished(side));
      const stroke = must(kindOf(piece).strokes(mark)[1]);
      const at = stroke.kind === 'path' ? must(stroke.at) : mark.whole;
      return { x: at.x - mark.whole.x, y: at.y - mark.whole.y };
    };
    expect(shadowOf('left').x).toBeLessThan(0);
    expect(shadowOf('left').y).toBe(0);
    expect(shadowOf('bottom').y).toBeGreaterThan(0);
  });

  it('is a part of its own, and is given another colour', () => {
    const with3 = finished();
    const part = must(
      colourParts(resolvePlan(with3, items)).find(
        ({ kind, name }) => kind === 'finish' && name === 'halo',
      ),
    );
    const outcome = applyEdit(
      with3,
      recolour(with3, part.at, { kind: 'source', source: { wish: '#abcdef' } }),
    );
    if (!outcome.ok) throw new Error(outcome.issue.code);
    const now = must(outcome.plan.pieces.find(({ id }) => id === piece.id));
    expect(now.kind === 'image' && now.finishes.map(({ from }) => 'wish' in from)).toEqual([
      true,
      false,
      false,
    ]);
    expect(now.kind === 'image' && now.layers).toEqual(piece.layers);
  });
});
