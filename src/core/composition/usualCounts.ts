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
  /** The longer side of a tier's stamp, and its height; zero where there is none. */
  const reach = (tier: number) =>
    Math.max(input.sizes[tier]?.width ?? 0, input.sizes[tier]?.height ?? 0);
  const height = (tier: number) => input.sizes[tier]?.height ?? 0;
  const [wide, middling, narrow] = [reach(0), reach(1), reach(2)];
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
      return [2, 2, 2 * fit(area.height - 2 * clearance - height(0) - height(1), height(2), 0, 4)];
    case 'hanging':
      return [1, 2, area.width - wide >= 4 * middling + 4 * narrow ? 2 : 0];
    case 'list':
      return [fit(area.height - clearance, height(0) + clearance, 1, 5), 0, 0];
    default:
      throw new TypeError(`usualCounts: unknown kind ${String(kind satisfies never)}`);
  }
}

/** How often a length goes into a room, within limits; of nothing, the least. */
function fit(room: number, each: number, least: number, most: number): number {
  return each <= 0 ? least : Math.max(least, Math.min(most, Math.floor(room / each)));
}
