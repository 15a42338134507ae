import { plainSources } from './plainSources';
import { touches } from '../outline/distance';
import type { Ink } from '../plan/libraryItem';
import { outlineOf } from '../resolve/outlineOf';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { isGround, type ResolvedMark } from '../resolve/resolvedMark';

/** A ground under a mark that is laid in chalky ink, and that ink. */
export interface ChalkGround {
  readonly ground: ResolvedMark;
  readonly ink: Ink;
}

/** The first ground in chalky ink that a mark lies on. */
export function chalkUnder(card: ResolvedCard, mark: ResolvedMark): ChalkGround | undefined {
  const outline = outlineOf(mark);
  for (const ground of card.marks) {
    if (ground === mark) return undefined;
    if (ground.face !== mark.face || ground.support !== mark.support || !isGround(ground)) continue;
    const ink = ground.paints
      .flatMap((paint) => (paint ? plainSources(paint.from, paint.colour) : []))
      .flatMap(({ item }) => (item?.kind === 'ink' && item.ink === 'chalk' ? [item] : []))[0];
    if (ink && touches(outline, outlineOf(ground))) return { ground, ink };
  }
  return undefined;
}
