import { z } from 'zod';
import { inches, millimetres, zeroLength, type Length, type Unit } from '../length/length';
import { typedLengthSchema, typedSizeSchema } from '../length/lengthSchema';
import { asTyped } from '../length/typedLength';
import { sixteenthInch, wholeMillimetre } from '../length/marks';
import { adhesiveIds, adhesives } from '../paper/adhesives';
import type { Immutable } from './ids';
import { usualInset, usualUneven } from '../tolerances';
import { wordsStampings } from './planFacts';
import { ruleIds } from './rules';
import {
  airs,
  dieCuttings,
  dryings,
  embossings,
  heatings,
  stepKinds,
  eveningWishes,
  usualSchools,
} from './workFacts';

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
    /** What a cut takes away: nothing for a blade, the width of the cut for a laser. */
    kerf: typedLengthSchema,
    /** Sheets longer than the trimmer are slid along and cut on; else such a cut is not planned. */
    slidesSheets: z.boolean(),
    /** The base is laid on the sheet so that its score runs along the grain. */
    scoresAlongGrain: z.boolean(),
    /** The middles cut out of mats are cut up for smaller pieces. */
    recoversMiddles: z.boolean(),
    adhesiveHeights: z.record(z.enum(adhesiveIds), typedLengthSchema),
    /** How much of each is taken, in its own measure. */
    adhesiveRates: z.record(z.enum(adhesiveIds), z.number().min(0).max(1000)),
    /** How far words keep inside the edge of their strip or panel. */
    wordMargin: typedLengthSchema,
    /** Words that slope by up to so many degrees slope by mistake; beyond it, on purpose. */
    slopeSlip: z.number().min(0).max(90),
    /** How far what is seen through a window reaches behind its rim. */
    windowOverlap: typedLengthSchema,
    /** How much smaller than its piece a foam sheet is cut, on each side. */
    foamInset: typedLengthSchema,
    /** The width of foam strips, which the rim of a frame has to hide. */
    foamStrip: typedLengthSchema,
    /** What passes through the die press, by its shorter side. */
    pressWidth: typedLengthSchema,
    /** What the stamping platform prints. */
    platform: typedSizeSchema,
    /** How far inside the printed line a mask is cut. */
    maskInset: typedLengthSchema,
    /** What of a print is narrower than this is left out of its mask. */
    maskSpindly: typedLengthSchema,
    /** How far a partial mask reaches beyond where prints meet. */
    maskMargin: typedLengthSchema,
    /** So often a mask is laid on before it wears out. */
    maskUses: z.number().int().min(1).max(1000),
    /** Prints that meet may cross; masks are cut only where that is decided. */
    acceptsOverlaps: z.boolean(),
    /** Words that meet images are stamped as they are listed, before them so that these go round, or last to fill what is left. */
    wordsStamped: z.enum(wordsStampings),
    /** Images are masked while grounds are laid round them, where nothing else was decided. */
    keepsGroundsOff: z.boolean(),
    /** What an envelope is larger than card and height together, on each side. */
    envelopeRoom: typedLengthSchema,
    /** A card counts as uneven in the post where it stands so much higher than half of it does. */
    unevenBy: typedLengthSchema,
    embosses: z.enum(embossings),
    heatsPowder: z.enum(heatings),
    dries: z.enum(dryings),
    dieCuts: z.enum(dieCuttings),
    air: z.enum(airs),
    eveningWish: z.enum(eveningWishes),
    /** Minutes at work of the plainest case of a step, where the house has its own. */
    stepMinutes: z.partialRecord(z.enum(stepKinds), z.number().min(0.5).max(600)),
    rulesOff: z.array(z.enum(ruleIds)).max(ruleIds.length),
  })
  .meta({ id: 'Habits' });

export type Habits = Immutable<z.output<typeof habitsSchema>>;

/**
 * The figures that differ from school to school. Common practice; the visible minimum, and those of foam,
 * press and platform, from memory. A mask is cut about half a millimetre inside the line: common practice; its other
 * figures are from memory.
 */
interface School {
  readonly reveals: readonly [fine: Length, everyday: Length, broad: Length];
  readonly marks: Length;
  /** Of trimmer and score board. */
  readonly reach: Length;
  readonly minimum: Length;
  readonly liner: Length;
  readonly rim: Length;
  /** From words to an edge, and from a window to the end of what is behind it. */
  readonly clear: Length;
  readonly foamInset: Length;
  readonly foamStrip: Length;
  readonly press: Length;
  readonly platform: Length;
}

const schools: Readonly<Record<Unit, School>> = {
  in: {
    reveals: [inches(0, 1, 16), inches(0, 1, 8), inches(0, 1, 4)],
    marks: sixteenthInch,
    reach: inches(12),
    minimum: inches(0, 1, 32),
    liner: inches(0, 3, 16),
    rim: inches(0, 1, 2),
    clear: inches(0, 1, 8),
    foamInset: inches(0, 1, 16),
    foamStrip: inches(0, 1, 4),
    press: inches(6),
    platform: inches(6, 1, 2),
  },
  mm: {
    reveals: [millimetres(1), millimetres(2.5), millimetres(5)],
    marks: wholeMillimetre,
    reach: millimetres(300),
    minimum: millimetres(0.8),
    liner: millimetres(5),
    rim: millimetres(12),
    clear: millimetres(3),
    foamInset: millimetres(2),
    foamStrip: millimetres(6),
    press: millimetres(152),
    platform: millimetres(165),
  },
};

/** The habits a new team of either school starts from. */
export function defaultHabits(leadingUnit: Unit): Habits {
  const school = schools[leadingUnit];
  const heights = adhesives.map(({ id, height }) => [id, asTyped(height)]);
  const rates = adhesives.map(({ id, rate }) => [id, rate]);
  return {
    leadingUnit,
    trimmerMarks: [asTyped(school.marks)],
    trimmerLength: asTyped(school.reach),
    scoreBoardLength: asTyped(school.reach),
    reveals: { in: typedReveals(schools.in), mm: typedReveals(schools.mm) },
    minimumReveal: asTyped(school.minimum),
    linerReveal: asTyped(school.liner),
    rim: asTyped(school.rim),
    kerf: asTyped(zeroLength),
    slidesSheets: false,
    scoresAlongGrain: false,
    recoversMiddles: true,
    adhesiveHeights: Object.fromEntries(heights) as Habits['adhesiveHeights'],
    adhesiveRates: Object.fromEntries(rates) as Habits['adhesiveRates'],
    wordMargin: asTyped(school.clear),
    slopeSlip: 5,
    windowOverlap: asTyped(school.clear),
    foamInset: asTyped(school.foamInset),
    foamStrip: asTyped(school.foamStrip),
    pressWidth: asTyped(school.press),
    platform: { width: asTyped(school.platform), height: asTyped(school.platform) },
    maskInset: asTyped(usualInset),
    maskSpindly: asTyped(millimetres(1.5)),
    maskMargin: asTyped(school.clear),
    maskUses: 15,
    acceptsOverlaps: false,
    wordsStamped: 'as-listed',
    keepsGroundsOff: false,
    envelopeRoom: asTyped(millimetres(0.4)),
    unevenBy: asTyped(usualUneven),
    ...usualSchools,
    stepMinutes: {},
    rulesOff: [],
  };
}

function typedReveals({ reveals: [fine, everyday, broad] }: School): Habits['reveals'][Unit] {
  return { fine: asTyped(fine), everyday: asTyped(everyday), broad: asTyped(broad) };
}
