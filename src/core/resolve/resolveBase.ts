import { paintOfStock } from '../kinds/paint';
import { millimetres } from '../length/length';
import { cardFormat } from '../paper/cardFormats';
import { layOutBlank, layOutFormat } from '../paper/layOutBlank';
import { findStock, type Library } from '../plan/library';
import type { Base } from '../plan/plan';
import { letterAt } from './letterAt';
import type { ResolvedBase } from './resolvedCard';

/** Taken where a plan names a stock the library does not hold; 270 g/m2, from memory. */
export const unknownCaliper = millimetres(0.36);

/** Makes figures of the base: its face, blank and scores, and where they come from. */
export function resolveBase(base: Base, library: Library): ResolvedBase {
  const stock = findStock(library, base.stock);
  const common = {
    letter: letterAt(0),
    stock,
    paint: paintOfStock(stock),
    caliper: stock?.caliper.ticks ?? unknownCaliper,
  };
  if (base.format.kind === 'custom') {
    const { width, height } = base.format.size;
    const layout = layOutBlank({ width: width.ticks, height: height.ticks }, base.fold);
    return {
      ...layout,
      ...common,
      origins: { width: { kind: 'typed' }, height: { kind: 'typed' } },
    };
  }
  const { id, stand } = base.format;
  const layout = layOutFormat(cardFormat(id), stand, base.fold, base.blankId ?? undefined);
  const named = { kind: 'format', format: id } as const;
  if (!layout.sheetBlank) return { ...layout, ...common, origins: { width: named, height: named } };
  const across = base.fold === 'side' ? layout.blank.width : layout.blank.height;
  const half = { kind: 'half-blank', blank: across, from: layout.sheetBlank.from } as const;
  const origins =
    base.fold === 'side' ? { width: half, height: named } : { width: named, height: half };
  return { ...layout, ...common, origins };
}
