import { outlineOfParts } from '../arrangement/arrange';
import type { Point } from '../geometry/flattenPath';
import { groupBy } from '../groupBy';
import type { Length } from '../length/length';
import type { Outline } from '../outline/outline';
import type { HeightMap } from './heightMap';
import { roomiest } from './roomiest';

/** All of the card that is of one height, for drawing. */
export interface HeightArea {
  readonly height: Length;
  readonly outline: Outline;
  /** Square ticks. */
  readonly area: number;
  /** A point within it with much room round it, where its figure is written; and how far the next edge is from there. */
  readonly label: Point;
  readonly room: number;
}

/** The card by its heights, from the lowest to the highest; the parts of each joined. */
export function heightAreas({ parts }: HeightMap): readonly HeightArea[] {
  return [...groupBy(parts, ({ height }) => height)]
    .toSorted(([a], [b]) => a - b)
    .map(([height, own]) => {
      const outline = outlineOfParts(own);
      const area = own.reduce((sum, part) => sum + part.area, 0);
      return { height, outline, area, ...roomiest(outline) };
    });
}
