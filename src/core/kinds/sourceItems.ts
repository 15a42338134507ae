import type { Combination } from '../plan/combination';
import type { CombinationItem, LibraryRef } from '../plan/libraryItem';
import type { ColourSource, Print } from '../plan/pieces/colourSource';
import type { BlendStop } from '../plan/pieces/stops';

type MapRef = (ref: LibraryRef) => LibraryRef;

/** What of the stash a colour comes out of; nothing for a wish. */
export function sourceItems(source: ColourSource | null): readonly LibraryRef[] {
  return source && 'item' in source ? [source.item] : [];
}

export function mapSource(source: ColourSource, map: MapRef): ColourSource {
  return 'item' in source ? { item: map(source.item) } : source;
}

/** What is stuck or tied on: what of the stash it is, and what its colour comes out of. */
interface Stuck {
  readonly item: LibraryRef | null;
  readonly colour: ColourSource;
}

export function stuckItems({ item, colour }: Stuck): readonly LibraryRef[] {
  return [...(item ? [item] : []), ...sourceItems(colour)];
}

export function mapStuck<P extends Stuck>(piece: P, map: MapRef): P {
  const { item, colour } = piece;
  return { ...piece, item: item && map(item), colour: mapSource(colour, map) };
}

export function printItems({ ink, powder }: Print): readonly LibraryRef[] {
  return [...sourceItems(ink), ...(powder ? [powder] : [])];
}

export function mapPrint<P extends Print>(print: P, map: MapRef): P {
  return { ...print, ink: mapSource(print.ink, map), powder: print.powder && map(print.powder) };
}

export function stopItems(stops: readonly BlendStop[]): readonly LibraryRef[] {
  return stops.flatMap(({ ink }) => sourceItems(ink));
}

export function mapStops(stops: readonly BlendStop[], map: MapRef): readonly BlendStop[] {
  return stops.map((stop) => ({ ...stop, ink: mapSource(stop.ink, map) }));
}

/** The media of a combination, the undercoat first. */
export function combinationItems({
  media,
  undercoat,
}: Pick<Combination | CombinationItem, 'media' | 'undercoat'>): readonly LibraryRef[] {
  return [...sourceItems(undercoat), ...media.flatMap(({ from }) => sourceItems(from))];
}

/** A combination with each of its references as `map` gives it. */
export function mapCombination(combination: Combination, map: MapRef): Combination {
  const { media, undercoat, kept } = combination;
  return {
    ...combination,
    media: media.map((each) => ({ ...each, from: mapSource(each.from, map) })),
    undercoat: undercoat && mapSource(undercoat, map),
    kept: kept && map(kept),
  };
}
