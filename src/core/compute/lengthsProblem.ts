import { z } from 'zod';
import { formatInches, formatMillimetres } from '../length/formatLength';
import { lengthFromTicks, longestLength, type Length } from '../length/length';
import { lengthIssueCodes } from '../length/lengthIssue';
import { nearestMarks, sixteenthInch, wholeMillimetre } from '../length/marks';
import { parseLength } from '../length/parseLength';
import { speakLength } from '../length/speakLength';

/** Texts to read as lengths, the unit that leads, and the spacing of the marks asked about. */
export const lengthsProblemSchema = z
  .strictObject({
    texts: z.array(z.string().max(200)).min(1).max(1000),
    leading: z.enum(['in', 'mm']),
    marks: z
      .strictObject({ ticks: z.number().int().min(1).max(longestLength) })
      .optional()
      .meta({
        description: 'Spacing of the marks; left out, 1/16 in or 1 mm by the leading unit.',
      }),
  })
  .meta({ id: 'LengthsProblem' });

const figureSchema = z.strictObject({ text: z.string(), about: z.boolean() });

const lengthAnswerSchema = z.discriminatedUnion('ok', [
  z.strictObject({
    ok: z.literal(true),
    typed: z.string(),
    ticks: z.number().int(),
    exact: z.boolean(),
    in: figureSchema,
    mm: figureSchema,
    spoken: z.string(),
    marks: z.strictObject({ on: z.boolean(), below: z.number().int(), above: z.number().int() }),
  }),
  z.strictObject({
    ok: z.literal(false),
    typed: z.string(),
    issue: z.strictObject({
      code: z.enum(lengthIssueCodes),
      at: z.number().int(),
      to: z.number().int(),
    }),
  }),
]);

/** One answer for each text, in their order. */
export const lengthsAnswerSchema = z
  .strictObject({ lengths: z.array(lengthAnswerSchema) })
  .meta({ id: 'LengthsAnswer' });

type LengthsProblem = z.output<typeof lengthsProblemSchema>;
type LengthsAnswer = z.input<typeof lengthsAnswerSchema>;

const usualMarks: Readonly<Record<LengthsProblem['leading'], Length>> = {
  in: sixteenthInch,
  mm: wholeMillimetre,
};

/** Reads each text as a length and tells it in both units, aloud, and against the marks. */
export function solveLengths({ texts, leading, marks }: LengthsProblem): LengthsAnswer {
  const spacing = marks ? lengthFromTicks(marks.ticks) : usualMarks[leading];
  return {
    lengths: texts.map((typed) => {
      const parsed = parseLength(typed, leading);
      if (!parsed.ok) return { ok: false, typed, issue: parsed.issue };
      const { length, exact } = parsed;
      return {
        ok: true,
        typed,
        ticks: length,
        exact,
        in: formatInches(length),
        mm: formatMillimetres(length),
        spoken: speakLength(length, leading),
        marks: nearestMarks(length, spacing),
      };
    }),
  };
}
