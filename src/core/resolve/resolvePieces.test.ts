import { describe, expect, it } from 'vitest';
import {
  dotOn,
  drawnOn,
  library,
  measure,
  pieceOn,
  planOf,
  stampedOn,
  ticksOf,
  typed,
  wordsOn,
  wren,
} from '../../../test/support/plans';
import { inches, millimetres } from '../length/length';
import type { LibraryId, PieceId } from '../plan/ids';
import type { Piece } from '../plan/piece';
import { resolvePlan } from './resolvePlan';

const resolve = (pieces: readonly Piece[]) => resolvePlan(planOf(pieces), library);

const panel = pieceOn('front', 'panel', measure('4', '5'));

const beside = (side: 'left' | 'right', piece: string, gap: string) =>
  ({ from: 'piece', side, piece: piece as PieceId, gap: typed(gap) }) as const;

describe('marks', () => {
  it('are as large as their stamp, their words, their diameter or what was drawn', () => {
    const { marks } = resolve([
      panel,
      stampedOn('panel', 'bird', wren),
      wordsOn('panel', 'words', ['x']),
      dotOn('panel', 'gem'),
      drawnOn('panel', 'line'),
    ]);
    const sizeOf = (id: string) => {
      const rect = marks.find((mark) => mark.id === id)?.rect;
      return [rect?.width, rect?.height];
    };
    expect(sizeOf('bird')).toEqual([inches(2), inches(1)]);
    expect(sizeOf('words')[1]).toBeGreaterThan(ticksOf('7/64'));
    expect(sizeOf('gem')).toEqual([ticksOf('1/8'), ticksOf('1/8')]);
    expect(sizeOf('line')).toEqual([inches(2), ticksOf('1/4')]);
  });

  it('lie on their paper, centred to the tick, at its height', () => {
    const [bird] = resolve([panel, stampedOn('panel', 'bird', wren)]).marks;
    expect(bird?.reveals).toEqual({
      left: inches(1),
      right: inches(1),
      top: inches(2),
      bottom: inches(2),
    });
    expect(bird?.support).toBe('panel');
    // Tape under a panel of 0.3 mm.
    expect(bird?.foot).toBe(millimetres(0.4));
  });

  it('add to the thickness where they stand up', () => {
    const flat = resolve([panel, stampedOn('panel', 'bird', wren)]).thickness.front;
    const gem = resolve([panel, dotOn('panel', 'gem')]).thickness.front;
    expect(gem - flat).toBe(millimetres(2));
  });

  it('of a masked stamp are as large as what shows, and drawn from the whole', () => {
    const crop = { left: typed('1/2'), top: typed('1/4'), right: typed('0'), bottom: typed('0') };
    const [bird] = resolve([panel, { ...stampedOn('panel', 'bird', wren), crop }]).marks;
    expect(bird?.rect).toMatchObject({ width: ticksOf('1 1/2'), height: ticksOf('3/4') });
    expect(bird?.whole).toMatchObject({
      x: (bird?.rect.x ?? 0) - ticksOf('1/2'),
      width: inches(2),
    });
    const all = { left: typed('1'), top: typed('0'), right: typed('1'), bottom: typed('0') };
    const none = resolve([panel, { ...stampedOn('panel', 'bird', wren), crop: all }]);
    expect(none.impossible.map(({ reason }) => reason.code)).toEqual(['nothing-shown']);
  });

  it('without their stamp are told as impossible', () => {
    const nowhere = { id: 'nowhere' as LibraryId, version: 1 };
    const { impossible, marks } = resolve([panel, stampedOn('panel', 'bird', nowhere)]);
    expect([impossible[0]?.reason.code, marks.length]).toEqual(['no-stamp', 0]);
  });
});

describe('a place beside another piece', () => {
  const left = { x: { from: 'left', distance: typed('1/4') } } as const;

  it('keeps the gap, to a mark or to paper, and follows when that moves', () => {
    const at = (x: typeof left) =>
      resolve([
        panel,
        dotOn('panel', 'gem', x),
        pieceOn('panel', 'label', measure('1', '1'), {
          x: beside('right', 'gem', '1/8'),
          y: { from: 'centre' },
        }),
        dotOn('panel', 'last', { x: beside('right', 'label', '1/16') }),
      ]);
    const near = (x: typeof left) => {
      const { pieces, marks } = at(x);
      return [pieces[1]?.rect.x, marks[1]?.rect.x].map(
        (each) => (each ?? NaN) - (pieces[0]?.rect.x ?? 0),
      );
    };
    expect(near(left)).toEqual([ticksOf('1/2'), ticksOf('1 9/16')]);
    expect(near({ x: { from: 'left', distance: typed('1/2') } })).toEqual([
      ticksOf('3/4'),
      ticksOf('1 13/16'),
    ]);
  });

  it('is impossible round in a circle, or beside what is not there', () => {
    const round = resolve([
      panel,
      dotOn('panel', 'a', { x: beside('right', 'b', '1/8') }),
      dotOn('panel', 'b', { x: beside('right', 'a', '1/8') }),
    ]);
    expect(round.impossible.map(({ reason }) => reason.code)).toContain('circle');
    const nothing = resolve([panel, dotOn('panel', 'a', { x: beside('left', 'gone', '0') })]);
    expect(nothing.impossible.map(({ reason }) => reason.code)).toEqual(['no-neighbour']);
    const other = resolve([
      panel,
      dotOn('inside', 'b'),
      dotOn('panel', 'a', { x: beside('left', 'b', '0') }),
    ]);
    expect(other.impossible.map(({ id }) => id)).toEqual(['a']);
  });
});
