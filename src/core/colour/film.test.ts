import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { seeded } from '../seeded';
import { absorbingOf, filmOf, mixFilms, overGround, thicker, withoutEnd, type Film } from './film';
import { hexOfSpectrum, spectrumOf } from './spectrum';

interface Reference {
  readonly exact: {
    readonly kmFunction: readonly { readonly R: number; readonly KS: number }[];
    readonly mixPerWavelength: readonly {
      readonly R1: number;
      readonly R2: number;
      readonly c1: number;
      readonly Rmix: number;
    }[];
  };
}
const reference = JSON.parse(
  readFileSync('test/reference/pigment-mixing.json', 'utf8'),
) as Reference;

const white = spectrumOf('#ffffff').map(() => 1);
const black = white.map(() => 0);
const named = ['#3f6b35', '#cf8762', '#ffffff', '#000000', '#2b4a7a', '#e0a03a', '#0000ff'];
const close = (a: readonly number[], b: readonly number[]) =>
  Math.max(...a.map((each, band) => Math.abs(each - (b[band] ?? NaN))));

describe('a layer of ink', () => {
  it.each(named)('of %s is on white as named, and on black its opacity times that', (hex) => {
    const shown = spectrumOf(hex);
    for (const opacity of [0, 0.05, 0.35, 0.7, 0.95, 1]) {
      const film = filmOf(hex, opacity);
      expect(close(overGround(film, white), shown)).toBeLessThan(1e-9);
      if (opacity < 1) {
        const dark = shown.map((each) => each * opacity);
        expect(close(overGround(film, black), dark)).toBeLessThan(1e-9);
      }
      expect(hexOfSpectrum(overGround(film, spectrumOf('#ffffff')))).toBe(hex);
    }
  });

  it('that is transparent leaves black black, and one that covers hides any ground', () => {
    for (const hex of named) {
      expect(hexOfSpectrum(overGround(filmOf(hex, 0), spectrumOf('#000000')))).toBe('#000000');
      expect(hexOfSpectrum(overGround(filmOf(hex, 1), spectrumOf('#5c2f4b')))).toBe(hex);
    }
  });

  it('shows the ground where it has no thickness, and its own full colour without end', () => {
    const ground = spectrumOf('#b08d63');
    const film = filmOf('#4b7f93', 0.35);
    expect(close(overGround(thicker(film, 0), ground), ground)).toBeLessThan(1e-9);
    const endless = film.absorbs.map((k, band) => withoutEnd(k, film.scatters[band] ?? 0));
    expect(close(overGround(thicker(film, 1e6), ground), endless)).toBeLessThan(1e-6);
  });

  it('without scattering dims its ground by exp(-2 K X)', () => {
    const film: Film = { absorbs: [0.7], scatters: [0], full: [0] };
    expect(overGround(film, [0.5])[0]).toBeCloseTo(0.5 * Math.exp(-1.4), 12);
  });

  // Kubelka's two-flux equations, integrated in small steps from the ground up: slow, and owes nothing to the formula.
  it('agrees with the two fluxes of light integrated step by step, for 40 layers of seed 5', () => {
    const next = seeded(5);
    for (let times = 0; times < 40; times++) {
      const [k, s, ground] = [next() * 3, 0.01 + next() * 3, next()];
      const steps = 20_000;
      let shown = ground;
      // dR/dx = S - 2 (K + S) R + S R^2
      for (let step = 0; step < steps; step++)
        shown += (s - 2 * (k + s) * shown + s * shown * shown) / steps;
      const film: Film = { absorbs: [k], scatters: [s], full: [0] };
      expect(overGround(film, [ground])[0]).toBeCloseTo(shown, 3);
    }
  });

  it('is no nearer to its named colour on a darker ground', () => {
    const film = filmOf('#a9593a', 0);
    const [chalk, kraft] = ['#fbfaf6', '#b08d63'].map((hex) => overGround(film, spectrumOf(hex)));
    expect(chalk?.every((each, band) => each >= (kraft?.[band] ?? 1) - 1e-9)).toBe(true);
  });

  it('refuses an opacity there is not', () => {
    expect(() => filmOf('#ffffff', 1.2)).toThrow('filmOf: expected an opacity');
  });
});

describe('what absorbs and scatters', () => {
  it('is as the exact single-constant values have it, both ways', () => {
    expect(reference.exact.kmFunction.length).toBe(7);
    for (const { R, KS } of reference.exact.kmFunction) {
      expect(absorbingOf(R)).toBeCloseTo(KS, 8);
      expect(withoutEnd(KS, 1)).toBeCloseTo(R, 7);
    }
  });

  it('adds up by share where layers that hide their ground are blended', () => {
    expect(reference.exact.mixPerWavelength.length).toBe(2);
    for (const { R1, R2, c1, Rmix } of reference.exact.mixPerWavelength) {
      const film = (full: number): Film => ({ absorbs: [0], scatters: [Infinity], full: [full] });
      const mixed = mixFilms([
        { film: film(R1), share: c1 },
        { film: film(R2), share: 1 - c1 },
      ]);
      expect(mixed.full[0]).toBeCloseTo(Rmix, 8);
      expect(overGround(mixed, [0])[0]).toBeCloseTo(Rmix, 8);
    }
  });
});

describe('blended wet, by common practice', () => {
  const mixed = (one: string, two: string) =>
    hexOfSpectrum(
      overGround(mixFilms([one, two].map((hex) => ({ film: filmOf(hex, 0), share: 0.5 }))), white),
    );
  const channels = (hex: string) =>
    [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16)) as [number, number, number];

  it('pink and yellow give orange, yellow and blue give green', () => {
    const [red, green, blue] = channels(mixed('#e06a92', '#f4d24a'));
    expect(red).toBeGreaterThan(green + 40);
    expect(green).toBeGreaterThan(blue);
    const [r, g, b] = channels(mixed('#f4d24a', '#3f7ba0'));
    expect(g).toBeGreaterThan(r);
    expect(g).toBeGreaterThan(b);
  });

  it('complements go grey', () => {
    const spread = (hex: string) => Math.max(...channels(hex)) - Math.min(...channels(hex));
    const between = mixed('#c0603a', '#3f8ea0');
    expect(spread(between)).toBeLessThan(spread('#c0603a') / 2);
    expect(spread(between)).toBeLessThan(spread('#3f8ea0') / 2);
  });
});
