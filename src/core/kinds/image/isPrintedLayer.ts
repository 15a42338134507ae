import type { Stamp } from '../../plan/libraryItem';

/**
 * Whether a layer is printed by the stamp rather than coloured by hand: where the stamp does not say it, words, lines, and
 * all layers of a stamp that is not an outline.
 */
export function isPrintedLayer(stamp: Stamp | undefined, layer: number): boolean {
  if (!stamp || stamp.words) return true;
  const { done, lineWidth } = stamp.layers[layer] ?? {};
  if (done !== undefined) return done === 'printed';
  return stamp.stamp !== 'outline' || (lineWidth ?? 0) > 0;
}
