import { describe, expect, it } from 'vitest';
import { find, mended } from '../../../../test/support/findings';
import { measure, pieceOn, ticksOf, typed } from '../../../../test/support/plans';
import { inches } from '../../length/length';
import type { Paper, Motion, PlaceRule } from '../../plan/piece';

const at = (left: string, top: string): PlaceRule => ({
  x: { from: 'left', distance: typed(left) },
  y: { from: 'top', distance: typed(top) },
  turn: 0,
});
const panel = pieceOn('front', 'panel', measure('4 1/4', '5 1/2'));
const moving = (motion: Motion, size = measure('1', '1')) =>
  pieceOn('panel', 'door', size, { motion, place: at('2', '2') });
const flap = moving({ kind: 'flap', hinge: 'left' });
const post = (left: string, top: string, change: Partial<Paper> = {}) =>
  pieceOn('panel', 'post', measure('1/2', '1/2'), { place: at(left, top), ...change });

describe('what moves', () => {
  it('is held by what is glued over it, whatever it is', () => {
    expect(find('blocked', [panel, flap, post('2 1/4', '2 1/4')])[0]?.data).toMatchObject({
      issue: { kind: 'held', by: 'post D' },
    });
    expect(mended('blocked', [panel, flap, post('2 1/4', '2 1/4')])).toEqual([]);
  });

  it('a flap opens flat only over what is no higher than its hinge', () => {
    expect(
      find('blocked', [panel, post('1 1/4', '2 1/4', { attach: 'foam' }), flap])[0]?.data,
    ).toMatchObject({ motion: 'flap', issue: { kind: 'in-the-way', by: 'post C' } });
    const lifted = { ...flap, attach: 'thick-foam' as const };
    expect(find('blocked', [panel, post('1 1/4', '2 1/4', { attach: 'tape' }), lifted])).toEqual(
      [],
    );
    expect(find('blocked', [panel, post('3 1/4', '2 1/4', { attach: 'foam' }), flap])).toEqual([]);
  });

  it('a slider needs its whole track, in its own direction only', () => {
    const slider = (travel: string) =>
      moving({
        kind: 'slider',
        along: 'x',
        travel: { ticks: (travel === 'left' ? -1 : 1) * inches(1) } as Extract<
          Motion,
          { kind: 'slider' }
        >['travel'],
      });
    const wall = post('3 3/4', '2 1/4', { attach: 'foam' });
    expect(find('blocked', [panel, wall, slider('right')])).toHaveLength(1);
    expect(find('blocked', [panel, wall, slider('left')])).toEqual([]);
  });

  it('a wobbler hides its spring on all sides', () => {
    const wobbler = (spring: string) => moving({ kind: 'wobbler', spring: typed(spring) });
    expect(find('blocked', [panel, wobbler('3/4')])).toEqual([]);
    const beside = post('3 1/32', '2 1/4', { attach: 'thick-foam' });
    expect(find('blocked', [panel, beside, wobbler('3/4')])[0]?.data).toMatchObject({
      issue: { kind: 'in-the-way', by: 'post C' },
    });
    expect(find('blocked', [panel, post('3 1/4', '2 1/4'), wobbler('3/4')])).toEqual([]);
    expect(find('blocked', [panel, wobbler('1 1/4')])[0]?.data).toMatchObject({
      issue: { kind: 'spring-seen' },
    });
  });

  it('is freed by moving what is in its way, the least and in easy figures', () => {
    const firstMove = (pieces: readonly Paper[]) => {
      const [remedy] = find('blocked', pieces)[0]?.remedies ?? [];
      return remedy?.id === 'move' ? { name: remedy.name, by: remedy.by } : undefined;
    };
    const held = [panel, flap, post('2 1/4', '2 13/16')];
    expect(firstMove(held)).toEqual({
      name: 'post',
      by: [{ side: 'bottom', distance: ticksOf('1/4') }],
    });
    expect(mended('blocked', held)).toEqual([]);
    const inTheWay = [panel, post('1 1/4', '2 1/4', { attach: 'foam' }), flap];
    expect(firstMove(inTheWay)?.name).toBe('post');
    expect(mended('blocked', inTheWay)).toEqual([]);
  });
});
