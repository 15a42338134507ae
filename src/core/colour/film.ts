import { bandCount, spectrumOf, type Spectrum } from './spectrum';

/**
 * A layer of ink, in each band: what it absorbs and what it scatters, K X and S X, both without unit. Scattering is
 * Infinity where it covers all that is under it, and `full` is then what is seen.
 */
export interface Film {
  readonly absorbs: readonly number[];
  readonly scatters: readonly number[];
  /** What a layer without end shows. */
  readonly full: Spectrum;
}

/**
 * The layer that over perfect white shows a colour, and over black its opacity times that.
 *
 * With R over white (1) and R0 = opacity R over black, Kubelka's formula is solved for K and S in closed form:
 * a = (R + (R0 - R + 1) / R0) / 2, and S X = arcoth((1 - a R0) / (b R0)) / b with b = sqrt(a^2 - 1). Without scattering
 * (opacity 0) K X = -ln(R) / 2; without absorbing (R = 1) S X = R0 / (1 - R0).
 * @param hex as named: what it shows on white
 * @param opacity 0 for a transparent ink to 1 for one that covers
 * Source: Kubelka, New contributions to the optics of intensely light-scattering materials, J. Opt. Soc. Am. 38 (1948).
 */
export function filmOf(hex: string, opacity: number): Film {
  if (!(opacity >= 0 && opacity <= 1))
    throw new RangeError(`filmOf: expected an opacity from 0 to 1, got ${opacity}`);
  const full = spectrumOf(hex);
  const bands = full.map((shown) => bandOf(shown, opacity));
  return {
    absorbs: bands.map(([absorbs]) => absorbs),
    scatters: bands.map(([, scatters]) => scatters),
    full,
  };
}

/** K X and S X of one band. */
function bandOf(shown: number, opacity: number): readonly [absorbs: number, scatters: number] {
  if (opacity === 0) return [-Math.log(shown) / 2, 0];
  if (opacity === 1) return [0, Infinity];
  const overBlack = opacity * shown;
  if (shown >= 1) return [0, overBlack / (1 - overBlack)];
  // a - 1, so that nothing is lost where it is small.
  const ratio = ((1 - shown) * (1 - overBlack)) / (2 * overBlack);
  const b = Math.sqrt(ratio * (ratio + 2));
  const scatters = arcoth((1 - (ratio + 1) * overBlack) / (b * overBlack)) / b;
  return [ratio * scatters, scatters];
}

function arcoth(x: number): number {
  return Math.log((x + 1) / (x - 1)) / 2;
}

/** A layer so many times as thick; one that covers does so at any thickness. */
export function thicker({ absorbs, scatters, full }: Film, times: number): Film {
  return {
    absorbs: absorbs.map((each) => each * times),
    scatters: scatters.map((each) => (times === 0 ? 0 : each * times)),
    full,
  };
}

/** One layer of several that are blended. */
export interface FilmShare {
  readonly film: Film;
  /** Of its own thickness, 0 or more. */
  readonly share: number;
}

/**
 * Layers blended while wet into one: each adds what it absorbs and scatters by its share, so that shares of 1 in all are as
 * thick as one. Nothing blended is no layer.
 * Source: Duncan, The colour of pigment mixtures, Proc. Phys. Soc. 52 (1940).
 */
export function mixFilms(parts: readonly FilmShare[]): Film {
  const there = parts.filter(({ share }) => share > 0);
  const [only] = there;
  if (only && there.length === 1) return thicker(only.film, only.share);
  // What covers has no thickness to share, so it is taken as the thickness that all but covers.
  const films = there.map(({ film, share }) => ({ ...finite(film), share }));
  const sum = (of: 'absorbs' | 'scatters', band: number) =>
    films.reduce((total, film) => total + (film[of][band] ?? 0) * film.share, 0);
  const absorbs = Array.from({ length: bandCount }, (_, band) => sum('absorbs', band));
  const scatters = Array.from({ length: bandCount }, (_, band) => sum('scatters', band));
  return {
    absorbs,
    scatters,
    full: absorbs.map((k, band) => withoutEnd(k, scatters[band] ?? 0)),
  };
}

/** S X at which next to nothing is seen through. */
const allButCovers = 30;

function finite(film: Film): Film {
  const scatters = film.scatters.map((each) => Math.min(each, allButCovers));
  const absorbs = film.absorbs.map((each, band) =>
    film.scatters[band] === Infinity ? absorbingOf(film.full[band] ?? 1) * allButCovers : each,
  );
  return { ...film, absorbs, scatters };
}

/** K / S of what a layer without end shows; Kubelka and Munk 1931. */
export function absorbingOf(full: number): number {
  return (1 - full) ** 2 / (2 * full);
}

/** What a layer without end shows; it is the inverse of `absorbingOf`, and black without scattering. */
export function withoutEnd(absorbs: number, scatters: number): number {
  if (scatters === 0) return absorbs === 0 ? 1 : 0;
  const ratio = absorbs / scatters;
  return 1 / (1 + ratio + Math.sqrt(ratio * (ratio + 2)));
}

/**
 * What is seen of a layer on a ground, band by band: R = (1 - Rg (a - b coth bSX)) / (a - Rg + b coth bSX), with
 * a = 1 + K/S and b = sqrt(a^2 - 1); Rg exp(-2 K X) without scattering, the ground itself where there is no layer.
 * Source: Kubelka (1948), as for `filmOf`.
 */
export function overGround({ absorbs, scatters, full }: Film, ground: Spectrum): Spectrum {
  return ground.map((under, band) => {
    const [k, s] = [absorbs[band] ?? 0, scatters[band] ?? 0];
    if (s === Infinity) return full[band] ?? under;
    if (s === 0) return under * Math.exp(-2 * k);
    const a = 1 + k / s;
    const b = Math.sqrt((k / s) * (k / s + 2));
    // b coth(b S X), which goes to 1 / (S X) where nothing is absorbed.
    const coth = b * s < 1e-9 ? 1 / s : b / Math.tanh(b * s);
    return (1 - under * (a - coth)) / (a - under + coth);
  });
}
