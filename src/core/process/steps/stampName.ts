import type { ResolvedMark } from '../../resolve/resolvedMark';

/** The stamp a mark is printed with, by name; none where words are set in letters. */
export function stampName({ stamp }: Pick<ResolvedMark, 'stamp'>): readonly string[] {
  return stamp ? [stamp.name] : [];
}
