import { describe, expect, it } from 'vitest';
import {
  drizzle,
  library,
  pieceOn,
  planOf,
  measure,
  stencilledOn,
} from '../../../test/support/plans';
import { must } from '../../../test/support/must';
import { kindOf } from '../kinds/kinds';
import { openingsOf } from '../kinds/stencil/stencilOpenings';
import { applyEdit } from '../plan/applyEdit';
import type { Stencil } from '../plan/libraryItem';
import { changePiece, type ChangeOf } from '../plan/pieceEdits';
import type { PieceOf } from '../plan/piece';
import type { Plan } from '../plan/plan';
import { resolvePlan } from '../resolve/resolvePlan';
import { colourParts } from './colourParts';
import { giveOpeningsBack, pickableOpenings, pickOpening } from './pickOpenings';
import { recolour } from './recolour';

/** Three openings side by side, of which the last, with a bridge within it, lies beyond a zone of two inches. */
const path = 'M0 0H50V50H0Z M60 0H110V50H60Z M210 0H290V80H210Z M230 20H270V60H230Z';
const stash = library.map((item) =>
  item.kind === 'stencil'
    ? ({
        ...item,
        width: { ticks: (3 * 406_400) as Stencil['width']['ticks'] },
        box: { width: 300, height: 300 },
        repeat: { kind: 'single' },
        layers: [{ name: 'drops', openings: path, colour: '#6f8fa3' }],
      } satisfies Stencil)
    : item,
);
const start = planOf([
  pieceOn('front', 'panel', measure('2', '3')),
  stencilledOn('panel', 'drops', drizzle),
]);
const stencilOf = (plan: Plan) =>
  must(
    plan.pieces.find(
      (piece): piece is PieceOf<'stencil'> & typeof piece => piece.kind === 'stencil',
    ),
  );
const pickableAt = (plan: Plan, layer: number) =>
  must(pickableOpenings(must(resolvePlan(plan, stash).marks[0]), layer));
const after = (plan: Plan, change: ChangeOf<'stencil'>) => {
  const outcome = applyEdit(plan, changePiece(stencilOf(plan), change));
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.plan;
};
const pick = (plan: Plan, layer: number, opening: number) => {
  const picked = pickOpening(pickableAt(plan, layer), opening);
  return picked && { plan: after(plan, picked.change), layer: picked.layer };
};
const openings = (plan: Plan) => stencilOf(plan).openings.map(({ at }) => at);

describe('openings of a stencil', () => {
  it('are the lines of its drawing, what lies within one belonging to it', () => {
    expect(openingsOf(path).map(({ outline }) => outline.length)).toEqual([1, 1, 2]);
  });

  it('take inks of their own one by one, and are told and coloured by themselves', () => {
    expect(pickableAt(start, 0).areas.map(({ index }) => index)).toEqual([0, 1]);
    const one = must(pick(start, 0, 1));
    expect(one.layer).toBe(1);
    const outcome = applyEdit(
      one.plan,
      recolour(one.plan, [{ pieceId: stencilOf(start).id, layer: 1 }], {
        kind: 'source',
        source: { wish: '#aa3322' },
      }),
    );
    if (!outcome.ok) throw new Error(outcome.issue.code);
    const card = resolvePlan(outcome.plan, stash);
    expect(colourParts(card).map(({ name, paint }) => [name, paint.colour])).toEqual([
      ['', '#6f8fa3'],
      ['openings 2', '#aa3322'],
    ]);
    const mark = must(card.marks[0]);
    const strokes = kindOf(mark.piece).strokes(mark);
    expect(strokes.map((each) => each.kind === 'path' && each.path.match(/M/g)?.length)).toEqual([
      3, 1,
    ]);
  });

  it('go from one to the other, but the last of some stays until all are given back', () => {
    const one = must(pick(start, 0, 0));
    const two = must(pick(one.plan, one.layer, 1));
    expect(openings(two.plan)).toEqual([[0, 1]]);
    const own = must(pick(two.plan, 0, 1));
    expect(openings(own.plan)).toEqual([[0], [1]]);
    expect(own.layer).toBe(2);
    expect(pick(own.plan, own.layer, 1)).toBeUndefined();
    expect(pick(own.plan, own.layer, 0)).toBeUndefined();
    expect(openings(after(own.plan, giveOpeningsBack(stencilOf(own.plan), 0)))).toEqual([[1]]);
    expect(openings(must(pick(two.plan, two.layer, 0)).plan)).toEqual([[1]]);
  });
});
