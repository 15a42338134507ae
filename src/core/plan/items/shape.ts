import { z } from 'zod';
import { checkPath, type PathUse } from '../../geometry/checkPath';

/** Lengths inside a drawing, in units of its own; up to a hundred thousand, so that files stay readable. */
const unit = z.number().min(0.001).max(100_000);

/** Path data that can be drawn; what cannot is told with its reason, so that it never gets as far as a drawing. */
const pathFor = (use: PathUse) =>
  z
    .string()
    .min(1)
    .max(60_000)
    .regex(/^[MmZzLlHhVvCcSsQqTtAa0-9eE.,+\-\s]+$/, 'an SVG path')
    .superRefine((path, context) => {
      const problem = checkPath(path, use);
      if (problem !== undefined) context.addIssue(`the ${use} ${problem}`);
    })
    .meta({ description: 'SVG path data in the units of its box, from its top left corner.' });

/** Lines and areas that are printed, coloured or drawn. */
export const pathSchema = pathFor('drawing');

/** Closed lines round an area. */
const outlineSchema = pathFor('outline');

/** Closed lines round what is open in a print. */
export const openingsSchema = outlineSchema;

/**
 * An outline in a box of its own units, stretched to the true size of the thing. Closed paths; a path
 * inside another is a window (even-odd). The box is the smallest round the outline; one drawn before that was so is
 * trimmed as a new version, which tells where its box lay in that of the version before.
 */
export const shapeSchema = z
  .strictObject({
    box: z.strictObject({ width: unit, height: unit }),
    outline: outlineSchema,
    /** The corner and the box of the version before, in the units of this one. */
    trimmedFrom: z
      .strictObject({ x: z.number(), y: z.number(), width: unit, height: unit })
      .optional(),
  })
  .meta({ id: 'Shape' });

/** A plain rectangle, until an outline is drawn or imported. */
export const wholeBox = { box: { width: 100, height: 100 }, outline: 'M0 0H100V100H0Z' };
