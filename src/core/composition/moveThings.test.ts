import { placedById } from '../resolve/resolvedCard';
import { describe, expect, it } from 'vitest';
import {
  dotOn,
  library,
  measure,
  pieceOn,
  planOf,
  stampedOn,
  ticksOf,
  typed,
  wren,
} from '../../../test/support/plans';
import { applyEdit } from '../plan/applyEdit';
import type { Edit } from '../plan/edit';
import type { PieceId } from '../plan/ids';
import type { Plan } from '../plan/plan';
import { resolvePlan } from '../resolve/resolvePlan';
import {
  alignAll,
  centre,
  movingWith,
  nudgeAll,
  snapTargets,
  spaceEvenly,
  turnBy,
} from './moveThings';

const at = (x: string, y: string) =>
  ({
    x: { from: 'left', distance: typed(x) },
    y: { from: 'top', distance: typed(y) },
  }) as const;
const plan = planOf([
  pieceOn('front', 'panel', measure('4', '5')),
  pieceOn('panel', 'label', measure('1', '1'), at('1/4', '1/4')),
  stampedOn('label', 'bird', wren),
  { ...dotOn('panel', 'a', at('1/2', '3')), group: 'gems' },
  { ...dotOn('panel', 'b', at('1', '3 1/4')), group: 'gems' },
  dotOn('panel', 'c', at('3', '3 1/2')),
]);
const cardOf = (of: Plan) => resolvePlan(of, library);
const ids = (...names: readonly string[]) => new Set(names as readonly PieceId[]);
const placed = (name: string, of = plan) => {
  const found = placedById(cardOf(of), name);
  if (!found) throw new Error(`no ${name}`);
  return found;
};
const after = (edit: Edit | undefined) => {
  const outcome = edit && applyEdit(plan, edit);
  if (!outcome?.ok) throw new Error('it does not apply');
  return outcome.plan;
};

describe('what moves together', () => {
  it('is the piece, its group, and what is selected beside', () => {
    const names = (...of: readonly string[]) =>
      movingWith(plan, cardOf(plan), ids(...of)).map(({ id }) => id as string);
    expect(names('a')).toEqual(['a', 'b']);
    expect(names('c', 'a')).toEqual(['a', 'b', 'c']);
  });

  it('leaves out what moves along by itself on another of them', () => {
    const names = movingWith(plan, cardOf(plan), ids('label', 'bird')).map(({ id }) => id);
    expect(names).toEqual(['label']);
  });

  it('steps by the same, and what lies on it comes along', () => {
    const card = cardOf(plan);
    const moved = after(nudgeAll(card, movingWith(plan, card, ids('label')), ticksOf('1/16'), 0));
    for (const name of ['label', 'bird'])
      expect(placed(name, moved).rect.x - placed(name).rect.x).toBe(ticksOf('1/16'));
    expect(placed('a', moved).rect).toEqual(placed('a').rect);
  });

  it('does not snap to itself, nor to a scatter', () => {
    const card = cardOf(plan);
    const targets = snapTargets(card, placed('label'), movingWith(plan, card, ids('label')));
    expect(targets.map(({ id }) => id)).toEqual(['c']);
  });
});

describe('lining up and spacing', () => {
  const gems = () => ['a', 'b', 'c'].map((name) => placed(name));

  it('takes the edge or the middle of the first', () => {
    const card = cardOf(plan);
    const tops = after(alignAll(card, gems(), 'top'));
    expect(['a', 'b', 'c'].map((name) => placed(name, tops).rect.y)).toEqual(
      Array(3).fill(placed('a').rect.y) as number[],
    );
    expect(placed('c', tops).rect.x).toBe(placed('c').rect.x);
    const middles = after(alignAll(card, [placed('label'), placed('c')], 'middle'));
    const middle = ({ rect }: { readonly rect: { readonly x: number; readonly width: number } }) =>
      rect.x + rect.width / 2;
    expect(middle(placed('c', middles))).toBe(middle(placed('label')));
  });

  it('makes the gaps alike, the first and the last staying where they are', () => {
    const even = after(spaceEvenly(cardOf(plan), gems(), 'x'));
    const [a, b, c] = ['a', 'b', 'c'].map((name) => placed(name, even).rect);
    if (!a || !b || !c) throw new Error('a gem is gone');
    expect([a.x, c.x]).toEqual([placed('a').rect.x, placed('c').rect.x]);
    expect(Math.abs(b.x - a.x - a.width - (c.x - b.x - b.width))).toBeLessThanOrEqual(1);
    expect(spaceEvenly(cardOf(plan), gems().slice(0, 2), 'x')).toBeUndefined();
  });
});

describe('turning and centring', () => {
  it('turns by a degree and stays between half turns', () => {
    expect(placed('c', after(turnBy(placed('c'), -1))).piece.place.turn).toBe(-1);
    const far = after(
      turnBy(
        {
          ...placed('c'),
          piece: { ...placed('c').piece, place: { ...placed('c').piece.place, turn: 180 } },
        } as never,
        1,
      ),
    );
    expect(placed('c', far).piece.place.turn).toBe(-179);
  });

  it('centres one way and leaves the other', () => {
    const { x, y } = placed('c', after(centre(placed('c'), 'x'))).piece.place;
    expect([x.from, y]).toEqual(['centre', placed('c').piece.place.y]);
  });
});
