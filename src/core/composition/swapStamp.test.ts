import { describe, expect, it } from 'vitest';
import { must } from '../../../test/support/must';
import { library, planOf, stampedOn, typed, wren, layersIn } from '../../../test/support/plans';
import { applyEdit } from '../plan/applyEdit';
import type { LibraryId } from '../plan/ids';
import { findStamp } from '../plan/library';
import { placedById } from '../resolve/resolvedCard';
import { resolvePlan } from '../resolve/resolvePlan';
import { swapStamp } from './swapStamp';

const wrenStamp = must(findStamp(library, wren));
const finch = {
  ...wrenStamp,
  id: 'finch' as LibraryId,
  name: 'Reed finch',
  width: typed('1'),
  height: typed('1/2'),
  layers: [
    ...wrenStamp.layers,
    { name: 'beak', path: 'M0 0h1v1z', lineWidth: 0, colour: '#ccaa22' },
  ],
};
const stash = [...library, finch];

describe('another stamp in the place of one', () => {
  const plan = planOf([
    {
      ...stampedOn('front', 'bird', wren, {
        x: { from: 'left', distance: typed('1/2') },
        y: { from: 'centre' },
        turn: 10,
      }),
      name: wrenStamp.name,
      layers: layersIn('#112233', null),
    },
  ]);
  const card = resolvePlan(plan, stash);
  const edit = must(swapStamp(plan, card, must(card.marks[0]), finch));
  const outcome = applyEdit(plan, edit);
  if (!outcome.ok) throw new Error(outcome.issue.code);
  const next = must(placedById(resolvePlan(outcome.plan, stash), must(plan.pieces[0]).id));

  it('keeps its middle and its turn', () => {
    const before = must(card.marks[0]).rect;
    expect(next.rect.width).toBe(finch.width.ticks);
    expect(2 * next.rect.x + next.rect.width).toBe(2 * before.x + before.width);
    expect(2 * next.rect.y + next.rect.height).toBe(2 * before.y + before.height);
    expect(next.piece.place).toMatchObject({ y: { from: 'centre' }, turn: 10 });
  });

  it('keeps the colours there are, what is left out too, and is called as the new one', () => {
    const layers = wrenStamp.layers.length;
    expect(next.piece).toMatchObject({ name: 'Reed finch', stamp: { id: 'finch' } });
    if (next.piece.kind !== 'image') throw new Error('expected an image');
    expect(next.piece.layers).toHaveLength(layers + 1);
    const [first, second] = layersIn('#112233', layers > 1 ? null : '#ccaa22');
    expect(next.piece.layers.slice(0, 2)).toEqual([first, second]);
    if (layers > 1) expect(next.piece.layers.at(-1)).toEqual(layersIn('#ccaa22')[0]);
  });
});
