import type { Size } from '../length/length';
import type { Area } from './layArrangement';
import type { ArrangementKind } from './newArrangement';

export interface CountsInput {
  /** The stamps of each tier, the large one first; undefined where a tier has none. */
  readonly sizes: readonly (Size | undefined)[];
  /** What is laid on. */
  readonly area: Area;
  /** What stays free. */
  readonly around: Area;
  readonly clearance: number;
}

/**
 * How many of each tier an arrangement has to begin with, so that they neither lie in a heap nor leave holes: a ring of
 * as many as there is way round it, two large ones at the foot of an arch or of branches, one large that hangs, and a
 * list of one sort. From memory, but for what fits.
 */
export function usualCounts(kind: ArrangementKind, input: CountsInput): readonly number[] {
  const { area, around, clearance } = input;
  const [large, medium, small] = input.sizes.map((size) => size ?? { width: 0, height: 0 });
  const across = [large, medium, small].map((size) =>
    Math.max(size?.width ?? 0, size?.height ?? 0),
  );
  const down = [large, medium, small].map((size) => size?.height ?? 0);
  const [wide = 0, middling = 0, narrow = 0] = across;
  const [tall = 0, lower = 0, low = 0] = down;
  switch (kind) {
    case 'oval':
    case 'rectangle': {
      const way = kind === 'oval' ? Math.PI / 2 : 2;
      const round = Math.min(
        way * (around.width + around.height + 4 * clearance + 2 * wide),
        way * (area.width + area.height - 2 * wide - 4 * clearance),
      );
      const often = fit(round, wide + middling + 2 * narrow, 2, 6);
      return [often, often, 2 * often];
    }
    case 'arch': {
      const bow = (Math.PI / 2) * (around.width / 2 + around.height + 2 * clearance + wide);
      const rest = fit(bow - 2 * wide - 2 * middling, narrow, 1, 7);
      return [2, 2, rest % 2 === 0 ? rest - 1 : rest];
    }
    case 'branches':
      return [2, 2, 2 * fit(area.height - 2 * clearance - tall - lower, low, 0, 4)];
    case 'hanging':
      return [1, 2, area.width - wide >= 4 * middling + 4 * narrow ? 2 : 0];
    case 'list':
      return [fit(area.height - clearance, tall + clearance, 1, 5), 0, 0];
    default:
      throw new TypeError(`usualCounts: unknown kind ${String(kind satisfies never)}`);
  }
}

/** How often a length goes into a room, within limits; of nothing, the least. */
function fit(room: number, each: number, least: number, most: number): number {
  return each <= 0 ? least : Math.max(least, Math.min(most, Math.floor(room / each)));
}
