import { itemsOf } from '../kinds/kinds';
import { flattenPath } from '../geometry/flattenPath';
import type { Library } from '../plan/library';
import type { Plan } from '../plan/plan';

/**
 * How many points the outlines of a card have together, curves as chords: a measure of the work it is to compute, known
 * without computing it. Pieces that are plain boxes count as four.
 */
export function outlinePoints({ pieces }: Plan, library: Library): number {
  const byItem = new Map<string, number>();
  for (const item of library) {
    const shape = item.kind === 'stamp' || item.kind === 'die-set' ? item.shape : null;
    if (shape) byItem.set(keyOf(item), countPoints(shape.outline));
  }
  return pieces.reduce((sum, piece) => {
    const shaped = itemsOf(piece).flatMap((ref) => byItem.get(keyOf(ref)) ?? []);
    return sum + (shaped[0] ?? 4);
  }, 0);
}

const keyOf = ({ id, version }: { readonly id: string; readonly version: number }) =>
  `${id} ${version}`;

function countPoints(path: string): number {
  return flattenPath(path).reduce((sum, polygon) => sum + polygon.length, 0);
}
