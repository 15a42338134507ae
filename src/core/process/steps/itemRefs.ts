import type { ResolvedMark } from '../../resolve/resolvedMark';

/** The stamp of a mark, by name; nothing where words are set in letters. */
export function itemRefsOf({ stamp }: Pick<ResolvedMark, 'stamp'>): readonly string[] {
  return stamp ? [stamp.name] : [];
}
