import { z } from 'zod';
import { inches, millimetres, type Length, type Unit } from '../length/length';
import { asTyped, typedLengthSchema } from '../length/lengthSchema';
import { sixteenthInch, wholeMillimetre } from '../length/marks';
import { adhesiveIds, adhesives } from '../paper/adhesives';
import type { Immutable } from './ids';
import { ruleIdSchema } from './rules';

/** How a team works; copied into each card, so that a card file alone reproduces its findings. */
export const habitsSchema = z
  .strictObject({
    leadingUnit: z.enum(['in', 'mm']),
    /** The scales on the trimmer; a cut size on any of them counts as on the marks. */
    trimmerMarks: z.array(typedLengthSchema).min(1).max(4),
    reveals: z.strictObject({
      fine: typedLengthSchema,
      everyday: typedLengthSchema,
      broad: typedLengthSchema,
    }),
    /** How far a liner stays inside its leaf, at the score as well. */
    linerReveal: typedLengthSchema,
    adhesiveHeights: z.record(z.enum(adhesiveIds), typedLengthSchema),
    rulesOff: z.array(ruleIdSchema).max(50),
  })
  .meta({ id: 'Habits' });

export type Habits = Immutable<z.output<typeof habitsSchema>>;

/** The usual borders of each school; common practice. */
const usualReveals: Readonly<Record<Unit, readonly [Length, Length, Length, Length]>> = {
  in: [inches(0, 1, 16), inches(0, 1, 8), inches(0, 1, 4), inches(0, 3, 16)],
  mm: [millimetres(1), millimetres(2.5), millimetres(5), millimetres(5)],
};

/** The habits a new team of either school starts from. */
export function defaultHabits(leadingUnit: Unit): Habits {
  const [fine, everyday, broad, liner] = usualReveals[leadingUnit];
  const heights = adhesives.map(({ id, height }) => [id, asTyped(height)]);
  return {
    leadingUnit,
    trimmerMarks: [asTyped(leadingUnit === 'in' ? sixteenthInch : wholeMillimetre)],
    reveals: { fine: asTyped(fine), everyday: asTyped(everyday), broad: asTyped(broad) },
    linerReveal: asTyped(liner),
    adhesiveHeights: Object.fromEntries(heights) as Habits['adhesiveHeights'],
    rulesOff: [],
  };
}
