import { describe, expect, it } from 'vitest';
import { blendColours, blendedAt, sharesAt, type Reach } from './blend';
import { contrast } from './contrast';
import { seenMixed, seenOver, type Coat } from './seenOver';

const coat = (colour: string): Coat => ({ colour, opacity: 0.35, thickness: 1 });
const [pond, barley] = [coat('#6f9aa0'), coat('#d6bd84')];
const reaches: readonly Reach[] = [
  { coat: pond, from: 0, to: 0.6 },
  { coat: barley, from: 0.4, to: 1 },
];

describe('the shares of inks in a blend', () => {
  it('are whole where one is alone, half and half in the middle of an overlap, never more than one', () => {
    expect(sharesAt(reaches, 0)).toEqual([1, 0]);
    expect(sharesAt(reaches, 1)).toEqual([0, 1]);
    const [one = 0, two = 0] = sharesAt(reaches, 0.5);
    expect(one).toBeCloseTo(0.5, 9);
    expect(two).toBeCloseTo(0.5, 9);
    for (let at = 0; at <= 1; at += 0.01) {
      const sum = sharesAt(reaches, at).reduce((total, share) => total + share, 0);
      expect(sum).toBeLessThanOrEqual(1 + 1e-9);
    }
  });

  it('fade where an ink meets nothing', () => {
    const lone: readonly Reach[] = [{ coat: pond, from: 0.5, to: 1 }];
    expect(sharesAt(lone, 0.5)).toEqual([0]);
    expect(sharesAt(lone, 0.54)[0]).toBeGreaterThan(0.3);
    expect(sharesAt(lone, 0.54)[0]).toBeLessThan(0.7);
    expect(sharesAt(lone, 0.2)).toEqual([0]);
    expect(blendedAt('#fbfaf6', lone, 0.2)).toBe('#fbfaf6');
  });
});

describe('a blend as it is seen', () => {
  it('is each ink as it lies alone at its end, and both mixed between', () => {
    const colours = blendColours('#ffffff', reaches);
    expect(colours[0]).toEqual({ at: 0, colour: '#6f9aa0' });
    expect(colours.at(-1)).toEqual({ at: 1, colour: '#d6bd84' });
    const half = seenMixed('#ffffff', [
      { ...pond, share: 0.5 },
      { ...barley, share: 0.5 },
    ]);
    expect(blendedAt('#ffffff', reaches, 0.5)).toBe(half);
    expect(colours.map(({ at }) => at)).toEqual(
      colours.map(({ at }) => at).toSorted((a, b) => a - b),
    );
  });
});

describe('coats one on the other', () => {
  it('show the ground where there are none, and answer the same when asked again', () => {
    expect(seenOver('#5c2f4b', [])).toBe('#5c2f4b');
    expect(seenOver('#b58e63', [pond])).toBe(seenOver('#b58e63', [pond]));
  });

  it('need an opaque undercoat to show on kraft, by common practice', () => {
    const marker: Coat = { colour: '#6fa8c6', opacity: 0.05, thickness: 1 };
    const pencil: Coat = { colour: '#fafafa', opacity: 0.8, thickness: 1 };
    const kraft = '#b58e63';
    const plain = contrast(seenOver(kraft, [marker]), '#6fa8c6');
    const over = contrast(seenOver(kraft, [pencil, marker]), '#6fa8c6');
    expect(over).toBeLessThan(plain);
    // More of it is darker, never lighter.
    const twice = seenOver('#ffffff', [{ ...marker, thickness: 2 }]);
    expect(contrast(twice, '#ffffff')).toBeGreaterThan(contrast('#6fa8c6', '#ffffff'));
  });
});
