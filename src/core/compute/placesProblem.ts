import { z } from 'zod';
import { areaOf, emptyRectangles } from '../composition/emptyRectangles';
import { letteringIds } from '../lettering/letterings';
import { splitWords } from '../lettering/splitWords';
import { setWords } from '../lettering/setWords';
import { wordPlaces } from '../composition/wordPlaces';
import { typedLengthSchema } from '../length/lengthSchema';
import { cardFileSchema } from '../plan/cardFile';
import { faceIds, type FaceId } from '../plan/faces';
import { pieceIdSchema, type Immutable } from '../plan/ids';
import type { SupportId } from '../resolve/origins';
import { resolvePlan } from '../resolve/resolvePlan';

/** Small enough for areas to be exact as numbers of JSON. */
const side = z.number().int().min(1).max(90_000_000);
const place = z.number().int().min(-90_000_000).max(90_000_000);

/** A sheet and what lies on it, in any unit; what else the object holds is left alone. */
export const sheetPlacesSchema = z
  .object({
    W: side,
    H: side,
    /** Each as [x0, y0, x1, y1]; they may overlap and stick out. */
    obstacles: z.array(z.tuple([place, place, place, place])).max(300),
    /** How many free places are told, the largest first. */
    most: z.number().int().min(1).max(1000).default(20),
  })
  .meta({ id: 'SheetPlacesProblem' });

/** A card file, and words to be put on one of its panels. */
export const cardPlacesSchema = z
  .object({
    file: cardFileSchema,
    face: z.enum(faceIds).default('front'),
    /** The panel; the base where none is named. */
    on: pieceIdSchema.optional(),
    words: z.object({
      lines: z.array(z.string().trim().min(1).max(60)).min(1).max(12),
      lettering: z.enum(letteringIds).default('clarendon'),
      xHeight: typedLengthSchema.refine(({ ticks }) => ticks > 0, 'words need a height'),
      align: z.enum(['left', 'centre', 'right']).default('centre'),
    }),
    /** Kept all round; the usual of the card's school where none is given. */
    clearance: typedLengthSchema.optional(),
  })
  .meta({ id: 'CardPlacesProblem' });

export const placesProblemSchema = z.union([cardPlacesSchema, sheetPlacesSchema]);

/** The schema of the problem a body is meant as, so that what is wrong is told of that one. */
export function placesSchemaFor(body: unknown): typeof cardPlacesSchema | typeof sheetPlacesSchema {
  return typeof body === 'object' && body !== null && 'file' in body
    ? cardPlacesSchema
    : sheetPlacesSchema;
}

const rectSchema = z.object({ x: z.number(), y: z.number(), w: z.number(), h: z.number() });

export const sheetPlacesAnswerSchema = z
  .object({
    /** Of the largest free place; 0 where there is none. */
    area: z.number(),
    /** The largest first; none of them can grow to any side. */
    places: z.array(rectSchema),
    /** How many there are in all. */
    count: z.number().int(),
  })
  .meta({ id: 'SheetPlacesAnswer' });

const alignment = z.enum(['centre', 'third', 'corner', 'none']);

export const cardPlacesAnswerSchema = z
  .object({
    /** As the words come out, in ticks. */
    size: z.object({ width: z.number(), height: z.number() }),
    /** The best first, on the face in ticks. */
    places: z.array(
      rectSchema.extend({ clearance: z.number(), across: alignment, down: alignment }),
    ),
    /** What helps where none fits. */
    advice: z.array(z.looseObject({ kind: z.enum(['shrink', 'split', 'move']) })),
  })
  .meta({ id: 'CardPlacesAnswer' });

export const placesAnswerSchema = z.union([cardPlacesAnswerSchema, sheetPlacesAnswerSchema]);

export type SheetPlacesProblem = z.output<typeof sheetPlacesSchema>;
export type CardPlacesProblem = z.output<typeof cardPlacesSchema>;
export type SheetPlacesAnswer = Immutable<z.output<typeof sheetPlacesAnswerSchema>>;
export type CardPlacesAnswer = Immutable<z.output<typeof cardPlacesAnswerSchema>>;

/** The free places of a sheet, or those for words on a card; undefined where the panel is not there. */
export function solvePlaces(
  problem: SheetPlacesProblem | CardPlacesProblem,
): SheetPlacesAnswer | CardPlacesAnswer | undefined {
  return 'file' in problem ? solveCardPlaces(problem) : solveSheetPlaces(problem);
}

/** The free places of a sheet, the largest first; of several as large, the first from top and left. */
export function solveSheetPlaces({ W, H, obstacles, most }: SheetPlacesProblem): SheetPlacesAnswer {
  const corners = obstacles.map(([x0, y0, x1, y1]) => ({ x0, y0, x1, y1 }));
  const free = emptyRectangles({ w: W, h: H }, corners).toSorted((a, b) =>
    areaOf(a) < areaOf(b) ? 1 : areaOf(a) > areaOf(b) ? -1 : 0,
  );
  const [largest] = free;
  return {
    area: largest ? Number(areaOf(largest)) : 0,
    places: free.slice(0, most),
    count: free.length,
  };
}

function solveCardPlaces({
  file: { plan, library },
  face,
  on,
  words,
  clearance,
}: CardPlacesProblem): CardPlacesAnswer | undefined {
  const card = resolvePlan(plan, library);
  const panel = card.pieces.find(({ id }) => id === on);
  if (on !== undefined && !panel) return undefined;
  const { width, height } = setWords(words, words.xHeight.ticks);
  const found = wordPlaces({
    card,
    face: panel?.face ?? (face satisfies FaceId),
    support: (panel?.id ?? 'base') satisfies SupportId,
    size: { width, height },
    clearance: clearance?.ticks ?? plan.habits.wordMargin.ticks,
    split: splitWords(words, words.xHeight.ticks),
    without: undefined,
  });
  return {
    size: { width, height },
    places: found.places.map(({ rect, clearance: air, across, down }) => ({
      x: rect.x,
      y: rect.y,
      w: rect.width,
      h: rect.height,
      clearance: air,
      across,
      down,
    })),
    advice: found.advice.map((each) => ({ ...each })),
  };
}
