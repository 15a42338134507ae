import type { Size } from '../length/length';
import type { Length } from '../length/length';
import { setWords } from './setWords';

/** Words broken once more, and the room that takes. */
export interface SplitWords {
  readonly lines: readonly string[];
  /** Set together, one line under the other. */
  readonly together: Size;
  /** Each half of a single line on a strip of its own; none where there were several lines already. */
  readonly apart: readonly Size[];
}

type Words = Pick<Parameters<typeof setWords>[0], 'lettering' | 'align'> & {
  readonly lines: readonly string[];
};

/**
 * The longest line broken where its halves are most alike; undefined where no line has two words.
 * @example splitWords({ lines: ['a place of your own'], … }, xHeight)?.lines // ['a place of', 'your own']
 */
export function splitWords(words: Words, xHeight: Length): SplitWords | undefined {
  const lines = splitLines(words.lines);
  if (!lines) return undefined;
  const sizeOf = (some: readonly string[]): Size => {
    const { width, height } = setWords({ ...words, lines: some }, xHeight);
    return { width, height };
  };
  const isSingle = words.lines.length === 1;
  return {
    lines,
    together: sizeOf(lines),
    apart: isSingle ? lines.map((line) => sizeOf([line])) : [],
  };
}

function splitLines(lines: readonly string[]): readonly string[] | undefined {
  const longest = lines.toSorted((a, b) => b.length - a.length)[0];
  const words = longest?.split(' ') ?? [];
  if (words.length < 2 || lines.length >= 12) return undefined;
  const breaks = words
    .slice(1)
    .map((_, at) => [words.slice(0, at + 1).join(' '), words.slice(at + 1).join(' ')]);
  const longer = (halves: readonly string[]) => Math.max(...halves.map(({ length }) => length));
  const [best] = breaks.toSorted((a, b) => longer(a) - longer(b));
  return best && lines.flatMap((line) => (line === longest ? best : [line]));
}
