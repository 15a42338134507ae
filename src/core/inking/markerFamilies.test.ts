import { describe, expect, it } from 'vitest';
import type { LibraryId } from '../plan/ids';
import type { Medium } from '../plan/libraryItem';
import { markerFamilies } from './markerFamilies';

const marker = (name: string, colour: string, change: Partial<Medium> = {}): Medium => ({
  kind: 'medium',
  id: name.toLowerCase().replaceAll(' ', '-') as LibraryId,
  version: 1,
  name,
  sale: { from: null, until: null },
  medium: 'alcohol marker',
  colour,
  opacity: null,
  set: '',
  ...change,
});
const found = (media: readonly Medium[]) =>
  markerFamilies(media).map((family) => [family.name, family.media.map(({ name }) => name)]);

describe('families of markers', () => {
  it('are sets as they are sold, from light to dark', () => {
    const set = 'Meadow';
    expect(
      found([
        marker('Sage', '#557744', { set }),
        marker('Pea', '#99bb88', { set }),
        marker('Rust', '#aa4422'),
      ]),
    ).toEqual([['Meadow', ['Pea', 'Sage']]]);
  });

  it('are those whose names differ in a figure, of one sort', () => {
    expect(
      found([
        marker('Brick 2', '#a56f4f'),
        marker('Brick 1', '#d9a88a'),
        marker('Brick 3', '#884422', { medium: 'pencil' }),
      ]),
    ).toEqual([['Brick', ['Brick 1', 'Brick 2']]]);
  });

  it('are found in a list by hue, strength and steps of lightness, greys by themselves', () => {
    expect(
      found([
        marker('Fog', '#b9b9b9'),
        marker('Sea', '#2f6f9a'),
        marker('Mist', '#a8cbe4'),
        marker('Coal', '#787878'),
        marker('Bay', '#6aa0c8'),
        marker('Rust', '#aa4422'),
      ]),
    ).toEqual([
      ['Mist to Sea', ['Mist', 'Bay', 'Sea']],
      ['Fog to Coal', ['Fog', 'Coal']],
    ]);
  });

  it('have each marker once, and none where nothing shades into anything', () => {
    const spread = Array.from({ length: 60 }, (_, at) =>
      marker(
        `M${String.fromCharCode(97 + (at % 26))}${String.fromCharCode(97 + Math.floor(at / 26))}`,
        `#${((at * 4_256_233) % 0xffffff).toString(16).padStart(6, '0')}`,
      ),
    );
    const all = markerFamilies(spread).flatMap(({ media }) => media);
    expect(new Set(all).size).toBe(all.length);
    expect(found([marker('Rust', '#aa4422'), marker('Sea', '#2f6f9a')])).toEqual([]);
    expect(found([])).toEqual([]);
  });
});
