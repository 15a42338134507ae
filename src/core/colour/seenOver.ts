import { filmOf, mixFilms, overGround, thicker, type Film } from './film';
import { hexOfSpectrum, spectrumOf } from './spectrum';

/** A layer of colour as it is put on. */
export interface Coat {
  /** What it shows on white, laid evenly: `#rrggbb`. */
  readonly colour: string;
  /** From 0, transparent, to 1, which covers. */
  readonly opacity: number;
  /** 1 for laid evenly once. */
  readonly thickness: number;
}

/** The layer a coat is. */
function filmOfCoat({ colour, opacity, thickness }: Coat): Film {
  return thicker(filmOf(colour, opacity), thickness);
}

/**
 * What is seen where coats have dried one on the other over a ground, the lowest first. No coats show the ground.
 * @example seenOver('#ffffff', [{ colour: '#cf8762', opacity: 0.05, thickness: 1 }]) // '#cf8762'
 */
export function seenOver(ground: string, coats: readonly Coat[]): string {
  if (coats.length === 0) return ground;
  const key = coats.reduce(
    (text, { colour, opacity, thickness }) => `${text} ${colour} ${opacity} ${thickness}`,
    ground,
  );
  return kept(key, () =>
    hexOfSpectrum(
      coats.reduce((under, coat) => overGround(filmOfCoat(coat), under), spectrumOf(ground)),
    ),
  );
}

/** What is seen where coats are blended while wet, each by its share. */
export function seenMixed(
  ground: string,
  parts: readonly (Coat & { readonly share: number })[],
): string {
  const there = parts.filter(({ share }) => share > 0);
  if (there.length === 0) return ground;
  const key = there.reduce(
    (text, { colour, opacity, thickness, share }) =>
      `${text} ${colour} ${opacity} ${thickness * share}`,
    `${ground} mixed`,
  );
  return kept(key, () => {
    const film = mixFilms(there.map((part) => ({ film: filmOfCoat(part), share: part.share })));
    return hexOfSpectrum(overGround(film, spectrumOf(ground)));
  });
}

/**
 * Answers are kept, since a card has few colours and is resolved with every keystroke. They depend on nothing but their
 * key; the oldest go once there are many.
 */
const answers = new Map<string, string>();
const mostAnswers = 4000;

function kept(key: string, compute: () => string): string {
  const before = answers.get(key);
  if (before !== undefined) return before;
  const answer = compute();
  if (answers.size >= mostAnswers) {
    const [oldest] = answers.keys();
    if (oldest !== undefined) answers.delete(oldest);
  }
  answers.set(key, answer);
  return answer;
}
