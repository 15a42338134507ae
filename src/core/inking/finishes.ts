import { asTyped } from '../length/typedLength';
import { inches, millimetres, type Unit } from '../length/length';
import { newestOf, type Library } from '../plan/library';
import type { Medium } from '../plan/libraryItem';
import type { PieceOf } from '../plan/piece';
import { outOf } from '../plan/plainColours';
import type { finishKinds } from '../plan/pieces/looks';
import type { Holding } from '../stash/holding';
import { isHolding } from '../stash/isHolding';

export type Finish = PieceOf<'image'>['finishes'][number];
export type FinishKind = (typeof finishKinds)[number];

/** Whether a finish runs round the image, so that it has a width and is drawn. */
export function runsRound(kind: FinishKind): boolean {
  return kind === 'halo' || kind === 'outline' || kind === 'shadow';
}

/** What each is usually done with; from memory. */
const usualMedia: Readonly<Record<FinishKind, readonly Medium['medium'][]>> = {
  gloss: ['glitter glue', 'gel pen'],
  glitter: ['glitter glue'],
  shimmer: ['glitter glue', 'gel pen'],
  details: ['gel pen', 'paint pen'],
  halo: ['paint pen', 'gel pen'],
  outline: ['gel pen', 'paint pen'],
  shadow: ['alcohol marker', 'water marker', 'pencil'],
};

/** A finish to begin with: of what is there the first that it is usually done with, else a wish. */
export function newFinish(
  kind: FinishKind,
  library: Library,
  holdings: readonly Holding[],
  unit: Unit,
): Finish {
  const media = newestOf(library).filter(
    (item): item is Medium => item.kind === 'medium' && isHolding(holdings, item.id),
  );
  const item = usualMedia[kind].flatMap((sort) => media.filter(({ medium }) => medium === sort))[0];
  const width = asTyped(unit === 'in' ? inches(0, 1, 32) : millimetres(0.8));
  return {
    kind,
    from: item ? outOf(item) : { wish: kind === 'shadow' ? '#a9a59d' : '#ffffff' },
    part: null,
    side: kind === 'shadow' ? 'right' : null,
    width: runsRound(kind) ? width : null,
  };
}
