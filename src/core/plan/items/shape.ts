import { z } from 'zod';

/** Lengths inside a drawing, in units of its own; up to a hundred thousand, so that files stay readable. */
const unit = z.number().min(0.001).max(100_000);

/** Commands of an SVG path, with figures; what they mean is looked at when it is drawn. */
export const pathSchema = z
  .string()
  .min(1)
  .max(60_000)
  .regex(/^[MmZzLlHhVvCcSsQqTtAa0-9eE.,+\-\s]+$/, 'an SVG path')
  .meta({ description: 'SVG path data in the units of its box, from its top left corner.' });

/**
 * An outline in a box of its own units, stretched to the true size of the thing. Closed paths; a path
 * inside another is a window (even-odd).
 */
export const shapeSchema = z
  .strictObject({ box: z.strictObject({ width: unit, height: unit }), outline: pathSchema })
  .meta({ id: 'Shape' });

/** A plain rectangle, until an outline is drawn or imported. */
export const wholeBox = { box: { width: 100, height: 100 }, outline: 'M0 0H100V100H0Z' };
