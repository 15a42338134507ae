import { describe, expect, test } from 'vitest';
import { inches, millimetres, type Length, type Size } from '../length/length';
import { asTyped } from '../length/typedLength';
import type { Stencil } from '../plan/libraryItem';
import { seeded } from '../seeded';
import { stencilMoves, type StencilMoves } from './stencilMoves';

type Repeat = Stencil['repeat'];
const grid = (across: Length, down: Length): Repeat => ({
  kind: 'grid',
  across: asTyped(across),
  down: asTyped(down),
});
const stripes = (pitch: Length, slope: number): Repeat => ({
  kind: 'stripes',
  pitch: asTyped(pitch),
  slope,
});
const square: Size = { width: inches(6), height: inches(6) };
const slimline: Size = { width: inches(3, 1, 2), height: inches(8, 1, 2) };

const fieldsOf = (moves: StencilMoves) => {
  if (!moves.ok) throw new Error(moves.reason);
  return moves.placements.map(({ field }) => field);
};

/** Every corner of a net of points lies under some field; the slow, obvious way to look. */
function covers(moves: StencilMoves, { width, height }: Size): boolean {
  const fields = fieldsOf(moves);
  for (let across = 0; across <= 60; across += 1)
    for (let down = 0; down <= 60; down += 1) {
      const [x, y] = [(width * across) / 60, (height * down) / 60];
      const isUnder = fields.some(
        (field) =>
          // A tick of slack: slanted fields are rounded.
          x >= field.x - 1 &&
          x <= field.x + field.width + 1 &&
          y >= field.y - 1 &&
          y <= field.y + field.height + 1,
      );
      if (!isUnder) return false;
    }
  return true;
}

/** How far a move is from a whole number of pitches across the stripes, in ticks. */
function outOfStep(moves: StencilMoves, pitch: number, slope: number): number {
  const angle = (slope * Math.PI) / 180;
  const [first, ...others] = fieldsOf(moves);
  return Math.max(
    0,
    ...others.map(({ x, y }) => {
      const across =
        (y - (first?.y ?? 0)) * Math.cos(angle) - (x - (first?.x ?? 0)) * Math.sin(angle);
      return Math.abs(across - Math.round(across / pitch) * pitch);
    }),
  );
}

describe('stencilMoves', () => {
  test('a square stencil on a slimline panel is moved once, by whole repeats (handbook, composition)', () => {
    const moves = stencilMoves(square, grid(inches(1), inches(1)), slimline);
    const [first, second, ...more] = fieldsOf(moves);
    expect(first).toMatchObject({ x: 0, y: 0 });
    expect(second).toMatchObject({ x: 0, y: inches(3) });
    expect(more).toEqual([]);
  });

  test('what is finished under the second is masked off, and no more', () => {
    const moves = stencilMoves(square, grid(inches(1), inches(1)), slimline);
    expect(moves).toMatchObject({
      placements: [
        { finished: [] },
        { finished: [{ x: 0, y: inches(3), width: inches(3, 1, 2), height: inches(3) }] },
      ],
    });
  });

  test('one that is as large as the zone is laid down once, whatever its repeat', () => {
    expect(fieldsOf(stencilMoves(square, { kind: 'single' }, square))).toHaveLength(1);
  });

  test('a single picture cannot go on, and neither can a repeat longer than the field', () => {
    expect(stencilMoves(square, { kind: 'single' }, slimline)).toEqual({
      ok: false,
      reason: 'single',
    });
    expect(stencilMoves(square, grid(inches(1), inches(7)), slimline)).toEqual({
      ok: false,
      reason: 'long-repeat',
    });
  });

  test('a speck of a stencil on a large sheet is no plan', () => {
    const speck = { width: millimetres(2), height: millimetres(2) };
    const sheet = { width: millimetres(297), height: millimetres(420) };
    expect(stencilMoves(speck, grid(millimetres(1), millimetres(1)), sheet)).toEqual({
      ok: false,
      reason: 'too-many',
    });
  });

  test('upright stripes slide freely along themselves: the second ends at the edge', () => {
    const [, second] = fieldsOf(stencilMoves(square, stripes(inches(0, 7, 16), 90), slimline));
    expect(second?.y).toBe(inches(2, 1, 2));
  });

  test('fewest: along a side as few as a search over all whole repeats finds', () => {
    const random = seeded(5);
    for (let round = 0; round < 200; round += 1) {
      const field = 5 + Math.floor(random() * 20);
      const pitch = 1 + Math.floor(random() * field);
      const zone = field + Math.floor(random() * 60);
      const moves = stencilMoves(
        { width: field as Length, height: 10 as Length },
        grid(pitch as Length, 1 as Length),
        { width: zone as Length, height: 10 as Length },
      );
      expect(fieldsOf(moves), `seed 5, round ${round}`).toHaveLength(
        fewestBySearch(field, pitch, zone),
      );
    }
  });

  test.each([-75, -45, -30, -5, 5, 22.5, 45, 60, 88])(
    'stripes at %d degrees stay in step and cover the whole panel',
    (slope) => {
      const random = seeded(Math.round(slope * 10) + 1000);
      for (let round = 0; round < 20; round += 1) {
        const pitch = millimetres(3 + Math.floor(random() * 8));
        const field = { width: millimetres(80), height: millimetres(90) };
        const zone = {
          width: millimetres(60 + Math.floor(random() * 150)),
          height: millimetres(60 + Math.floor(random() * 150)),
        };
        const moves = stencilMoves(field, stripes(pitch, slope), zone);
        expect(covers(moves, zone)).toBe(true);
        expect(outOfStep(moves, pitch, slope)).toBeLessThanOrEqual(2);
      }
    },
  );

  test('sliding slanted stripes takes fewer moves than whole repeats each way would', () => {
    // Square repeats of 30 mm / sin 45 are 42.4 mm: 80 mm holds one, so steps of 42.4 mm; slid, steps of 80.
    const field = { width: millimetres(80), height: millimetres(200) };
    const zone = { width: millimetres(158), height: millimetres(100) };
    const moves = stencilMoves(field, stripes(millimetres(30), 45), zone);
    expect(fieldsOf(moves)).toHaveLength(2);
    expect(covers(moves, zone)).toBe(true);
  });
});

/** Breadth first over every reach one can come to by whole repeats. */
function fewestBySearch(field: number, pitch: number, zone: number): number {
  let reached = new Set([0]);
  for (let count = 1; ; count += 1) {
    if ([...reached].some((start) => start + field >= zone)) return count;
    const next = new Set<number>();
    for (const start of reached)
      for (let step = pitch; step <= field; step += pitch) next.add(start + step);
    reached = next;
  }
}
