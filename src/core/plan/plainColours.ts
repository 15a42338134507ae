import type { LibraryRef } from './libraryItem';
import type { ColourSource, Print } from './pieces/colourSource';
import type { BlendDirection, BlendStop } from './pieces/stops';

/** An item as what a colour comes out of. */
export function outOf({ id, version }: LibraryRef): ColourSource {
  return { item: { id, version } };
}

/** A print with the first inking and no powder. */
export function printedIn(ink: ColourSource): Print {
  return { ink, offPad: 'first', powder: null };
}

/** A bare colour to print with. */
export function printedInWish(colour: string): Print {
  return printedIn({ wish: colour });
}

/** From the top down. */
export const downward: BlendDirection = { kind: 'along', turn: 0 };

/** One ink all over, brushed on evenly. */
export function plainStop(ink: ColourSource): BlendStop {
  return { ink, from: 0, to: 1, tool: 'large brush', strength: 'even' };
}
