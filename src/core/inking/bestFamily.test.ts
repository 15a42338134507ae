import { describe, expect, it } from 'vitest';
import { seeded } from '../seeded';
import { bestFamily, familyCost, type FamilyColour } from './bestFamily';

const hex = (next: () => number) =>
  `#${[0, 1, 2]
    .map(() =>
      Math.floor(next() * 256)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;

/** Every choice of so many, in every order. */
function choices<T>(of: readonly T[], count: number): readonly (readonly T[])[] {
  if (count === 0) return [[]];
  return of.flatMap((first) =>
    choices(
      of.filter((each) => each !== first),
      count - 1,
    ).map((rest) => [first, ...rest]),
  );
}

describe('the best family for a colour', () => {
  it.each([1, 2, 3, 4])(
    'of %i is the cheapest of all there are, for 12 boxes of seed 3',
    (count) => {
      const next = seeded(3);
      for (let box = 0; box < 12; box++) {
        const markers: FamilyColour[] = Array.from({ length: 7 }, (_, index) => ({
          id: `m${index}`,
          colour: hex(next),
        }));
        const wanted = hex(next);
        const costs = choices(markers, count).flatMap((choice) => familyCost(choice, wanted) ?? []);
        const best = bestFamily(markers, wanted, count);
        if (costs.length === 0) expect(best).toBeUndefined();
        else expect(best?.cost).toBeCloseTo(Math.min(...costs), 9);
        if (best) expect(familyCost(best.colours, wanted)).toBeCloseTo(best.cost, 9);
      }
    },
  );

  it('takes light, middle and dark of one hue where they are there', () => {
    const markers = [
      { id: 'pale clay', colour: '#f0b48a' },
      { id: 'clay', colour: '#cd7a48' },
      { id: 'dark clay', colour: '#99502a' },
      { id: 'sky', colour: '#6fa8c6' },
      { id: 'leaf', colour: '#6a9a4f' },
    ];
    const found = bestFamily(markers, '#cd7a48', 3)?.colours.map(({ id }) => id);
    expect(found).toEqual(['pale clay', 'clay', 'dark clay']);
  });

  it('is none where all are about as light', () => {
    const markers = ['#808080', '#828282'].map((colour) => ({ id: colour, colour }));
    expect(bestFamily(markers, '#808080', 2)).toBeUndefined();
    expect(bestFamily([], '#808080', 1)).toBeUndefined();
  });
});
