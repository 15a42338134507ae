import { joinWords } from './phrases';

/** A strip as it is spoken of: by its place, from 0, or as the disc. */
interface NamedStrip {
  readonly id: string;
  readonly at: number;
}

/** What stands on a strip: its number from the top, or that it is the disc. */
export function stripMark({ id, at }: NamedStrip): string {
  return id === 'disc' ? 'disc' : String(at + 1);
}

/**
 * Strips as they are spoken of.
 * @example stripWords([{ id: 'top', at: 0 }, { id: 'hill', at: 2 }]) // 'strips 1 and 3'
 */
export function stripWords(strips: readonly NamedStrip[]): string {
  const numbers = strips.filter(({ id }) => id !== 'disc').map(stripMark);
  return joinWords([
    ...(numbers.length > 0
      ? [`${numbers.length === 1 ? 'strip' : 'strips'} ${joinWords(numbers)}`]
      : []),
    ...(numbers.length < strips.length ? ['the disc'] : []),
  ]);
}
