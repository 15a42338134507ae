import { z } from 'zod';
import type { Polygon } from '../geometry/flattenPath';
import { TICKS_PER_INCH, TICKS_PER_MILLIMETRE } from '../length/length';
import type { Outline } from '../outline/outline';

/*
 * Outlines as a service takes them, which come from no card.
 */

const units = ['mm', 'in'] as const;
export const ticksPer: Readonly<Record<(typeof units)[number], number>> = {
  mm: TICKS_PER_MILLIMETRE,
  in: TICKS_PER_INCH,
};

export const unitShape = {
  unit: z.enum(units).default('mm').meta({ description: 'Of all lengths; areas are its square.' }),
};

/** No card is larger than this in either unit. */
const coordinate = z.number().min(-5000).max(5000);

export const outlineSchema = z
  .array(
    z
      .array(z.tuple([coordinate, coordinate]))
      .min(3)
      .max(5000),
  )
  .min(1)
  .max(500)
  .meta({
    description: 'Closed lines; a line inside another is a hole, by the even-odd rule.',
  });

/** An outline on whole ticks. @param per ticks of the unit it is in */
export function ticksOf(lines: readonly (readonly (readonly number[])[])[], per: number): Outline {
  return lines.map((line): Polygon =>
    line.map(([x = 0, y = 0]) => ({ x: Math.round(x * per), y: Math.round(y * per) })),
  );
}
