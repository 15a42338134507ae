import { describe, expect, it } from 'vitest';
import { contains, distanceToLines } from '../outline/distance';
import { boundsOf } from '../outline/outline';
import { areaOfOutline } from '../outline/polygons';
import { inches, millimetres, zeroLength } from '../length/length';
import { mailerBlank, mailerFront, mailerKinds, wallOf } from './mailerBlank';

const card = { long: inches(5, 1, 2), short: inches(4, 1, 4), height: millimetres(6) };
const room = inches(0, 1, 16);

describe('what is made to the measure of a card', () => {
  it('goes round its height both ways where it is flat, and stands as high where it is a box', () => {
    expect(mailerFront('envelope', card, room)).toEqual({
      width: card.long + card.height + room,
      height: card.short + card.height + room,
    });
    expect(mailerFront('box', card, room)).toEqual({
      width: card.long + room,
      height: card.short + room,
    });
  });

  it.each(mailerKinds)('is cut along one line round all of its %s', (kind) => {
    const front = mailerFront(kind, card, room);
    const blank = mailerBlank(kind, front, wallOf(card.height));
    const { x0, y0, x1, y1 } = boundsOf([blank.cut]);
    expect([x0, y0, x1, y1]).toEqual([0, 0, blank.size.width, blank.size.height]);
    // No corner twice, and every edge goes somewhere.
    expect(new Set(blank.cut.map(({ x, y }) => `${x} ${y}`)).size).toBe(blank.cut.length);
    const middle = {
      x: blank.frontAt.x + front.width / 2,
      y: blank.frontAt.y + front.height / 2,
    };
    expect(contains([blank.cut], middle)).toBe(true);
    // Left and right are alike.
    const mirrored = blank.cut.map(({ x, y }) => ({ x: blank.size.width - x, y }));
    const keys = (points: typeof mirrored) => points.map(({ x, y }) => `${x} ${y}`).toSorted();
    expect(keys(mirrored)).toEqual(keys([...blank.cut]));
  });

  it('has front, back and flap on one strip, glue flaps beside the front, and scores where it folds', () => {
    const front = { width: millimetres(150), height: millimetres(110) };
    const flat = mailerBlank('envelope', front, millimetres(9));
    expect(flat.depth).toBe(zeroLength);
    expect(flat.size).toEqual({
      width: millimetres(150 + 2 * 16),
      // A flap of two fifths, the front, and a back of four fifths.
      height: millimetres(110 * 2.2),
    });
    expect(flat.scores).toHaveLength(4);
    const box = mailerBlank('box', front, millimetres(9));
    expect(box.size).toEqual({
      width: millimetres(150 + 2 * (16 + 9)),
      height: millimetres(110 * 2.2 + 2 * 9),
    });
    expect(box.scores).toHaveLength(8);
    // The walls are so much more paper.
    const walls = 2 * 9 * (150 + 110);
    const area = (cut: typeof box.cut) => areaOfOutline([cut]) / millimetres(1) ** 2;
    expect(area(box.cut) - area(flat.cut)).toBeCloseTo(walls, 6);
    for (const { cut, scores } of [flat, box])
      for (const end of scores.flat())
        expect(contains([cut], end) || distanceToLines(end, [cut]) === 0).toBe(true);
  });
});
