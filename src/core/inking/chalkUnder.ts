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

interface Chalky extends ChalkGround {
  /** Among the marks of the card. */
  readonly index: number;
}

/** The chalky grounds of cards, which never change. */
const known = new WeakMap<ResolvedCard, readonly Chalky[]>();

/** The first ground in chalky ink that a mark lies on. */
export function chalkUnder(card: ResolvedCard, mark: ResolvedMark): ChalkGround | undefined {
  const before = known.get(card);
  const grounds = before ?? chalkGrounds(card);
  if (!before) known.set(card, grounds);
  if (grounds.length === 0) return undefined;
  const at = card.marks.indexOf(mark);
  return grounds.find(
    ({ ground, index }) =>
      index < at &&
      ground.face === mark.face &&
      ground.support === mark.support &&
      touches(outlineOf(mark), outlineOf(ground)),
  );
}

function chalkGrounds({ marks }: ResolvedCard): readonly Chalky[] {
  return marks.flatMap((ground, index): readonly Chalky[] => {
    if (!isGround(ground)) return [];
    const ink = ground.paints
      .flatMap((paint) => (paint ? plainSources(paint.from, paint.colour) : []))
      .flatMap(({ item }) => (item?.kind === 'ink' && item.ink === 'chalk' ? [item] : []))[0];
    return ink ? [{ ground, ink, index }] : [];
  });
}
