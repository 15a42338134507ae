import { z } from 'zod';
import { inches, millimetres, type Length, type Unit } from '../length/length';
import { asTyped, typedLengthSchema } from '../length/lengthSchema';
import { sixteenthInch, wholeMillimetre } from '../length/marks';
import { adhesiveIds, adhesives } from '../paper/adhesives';
import type { Immutable } from './ids';
import { ruleIdSchema } from './rules';

const revealsSchema = z.strictObject({
  fine: typedLengthSchema,
  everyday: typedLengthSchema,
  broad: typedLengthSchema,
});

/** How a team works; copied into each card, so that a card file alone reproduces its findings. */
export const habitsSchema = z
  .strictObject({
    leadingUnit: z.enum(['in', 'mm']),
    /** The scales on the trimmer; a cut size on any of them counts as on the marks. */
    trimmerMarks: z.array(typedLengthSchema).min(1).max(4),
    /** The longest stroke the trimmer cuts without sliding the sheet. */
    trimmerLength: typedLengthSchema,
    /** The longest score the board makes without sliding the blank. */
    scoreBoardLength: typedLengthSchema,
    /** The usual borders of each school. */
    reveals: z.strictObject({ in: revealsSchema, mm: revealsSchema }),
    /** A border narrower than this is not seen as one. */
    minimumReveal: typedLengthSchema,
    /** How far a liner stays inside its leaf, at the score as well. */
    linerReveal: typedLengthSchema,
    /** What stays of a mat under its panel when the middle is cut out, to glue on. */
    rim: typedLengthSchema,
    adhesiveHeights: z.record(z.enum(adhesiveIds), typedLengthSchema),
    rulesOff: z.array(ruleIdSchema).max(50),
  })
  .meta({ id: 'Habits' });

export type Habits = Immutable<z.output<typeof habitsSchema>>;

/** The usual borders of the school that leads. */
export function usualReveals(habits: Habits): Habits['reveals'][Unit] {
  return habits.reveals[habits.leadingUnit];
}

/** The figures that differ from school to school. Common practice; the visible minimum from memory. */
interface School {
  readonly reveals: readonly [fine: Length, everyday: Length, broad: Length];
  readonly marks: Length;
  /** Of trimmer and score board. */
  readonly reach: Length;
  readonly minimum: Length;
  readonly liner: Length;
  readonly rim: Length;
}

const schools: Readonly<Record<Unit, School>> = {
  in: {
    reveals: [inches(0, 1, 16), inches(0, 1, 8), inches(0, 1, 4)],
    marks: sixteenthInch,
    reach: inches(12),
    minimum: inches(0, 1, 32),
    liner: inches(0, 3, 16),
    rim: inches(0, 1, 2),
  },
  mm: {
    reveals: [millimetres(1), millimetres(2.5), millimetres(5)],
    marks: wholeMillimetre,
    reach: millimetres(300),
    minimum: millimetres(0.8),
    liner: millimetres(5),
    rim: millimetres(12),
  },
};

/** The habits a new team of either school starts from. */
export function defaultHabits(leadingUnit: Unit): Habits {
  const school = schools[leadingUnit];
  const heights = adhesives.map(({ id, height }) => [id, asTyped(height)]);
  return {
    leadingUnit,
    trimmerMarks: [asTyped(school.marks)],
    trimmerLength: asTyped(school.reach),
    scoreBoardLength: asTyped(school.reach),
    reveals: { in: typedReveals(schools.in), mm: typedReveals(schools.mm) },
    minimumReveal: asTyped(school.minimum),
    linerReveal: asTyped(school.liner),
    rim: asTyped(school.rim),
    adhesiveHeights: Object.fromEntries(heights) as Habits['adhesiveHeights'],
    rulesOff: [],
  };
}

function typedReveals({ reveals: [fine, everyday, broad] }: School): Habits['reveals'][Unit] {
  return { fine: asTyped(fine), everyday: asTyped(everyday), broad: asTyped(broad) };
}
