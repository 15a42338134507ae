import { z } from 'zod';
import { pieceKinds } from '../plan/piece';
import { faceIds, sides } from '../plan/faces';
import type { CardFile } from '../plan/cardFile';
import type { Immutable } from '../plan/ids';
import { resolvePlan } from '../resolve/resolvePlan';
import { markMoves } from '../stencilling/markMoves';
import { isMark, outlineOf, type Placed } from '../resolve/outlineOf';
import { boxOnFace } from '../resolve/boxOnFace';
import { clearances, rulerFigures, type RulerFigure } from '../measuring/rulerFigures';

const ticks = z.number().int().meta({ description: 'Ticks of 62.5 nm on the face.' });
const rectSchema = z.object({ x: ticks, y: ticks, width: ticks, height: ticks });
const figureSchema = z.object({
  side: z.enum(sides),
  from: z.string().meta({ description: '`base`, or the id of a piece.' }),
  distance: ticks,
  isMeasured: z.boolean(),
});

/** What the composition service answers: where everything lies, and what is near it. */
export const compositionAnswerSchema = z
  .object({
    pieces: z.array(
      z.object({
        id: z.string(),
        name: z.string(),
        kind: z.enum(pieceKinds),
        face: z.enum(faceIds),
        support: z.string(),
        /** Before it is turned about its middle. */
        rect: rectSchema,
        turn: z.number(),
        /** The smallest upright box as it lies. */
        bounds: rectSchema,
        /** Closed lines, each a list of x and y; inside and outside by the even-odd rule. */
        outline: z.array(z.array(z.tuple([ticks, ticks]))),
        /** The two distances that put it there with a ruler. */
        ruler: z.object({ x: figureSchema, y: figureSchema }),
        /** Where a stencil is laid down, from the corner of what it colours; null for what is no stencilling. */
        moves: z.array(rectSchema).nullable(),
        /** What lies on the same thing, the nearest first. */
        near: z.array(z.object({ id: z.string(), distance: ticks })),
      }),
    ),
    impossible: z.array(
      z.object({ id: z.string(), name: z.string(), reason: z.looseObject({ code: z.string() }) }),
    ),
  })
  .meta({ id: 'CompositionAnswer' });

export type CompositionAnswer = Immutable<z.output<typeof compositionAnswerSchema>>;

/** So many of the nearest are told. */
const mostNear = 5;

/** Where every piece of a card lies, exactly, and how it is put there. */
export function composeCard({ plan, library }: CardFile): CompositionAnswer {
  const card = resolvePlan(plan, library);
  const figure = ({ side, from, distance, isMeasured }: RulerFigure) => ({
    side,
    from,
    distance,
    isMeasured,
  });
  return {
    pieces: [...card.pieces, ...card.marks].map((placed) => {
      const { x, y } = rulerFigures(card, placed);
      return {
        id: placed.id,
        name: placed.name,
        kind: placed.piece.kind,
        face: placed.face,
        support: placed.support,
        rect: placed.rect,
        turn: placed.piece.place.turn,
        bounds: boxOnFace(placed),
        outline: outlineOf(placed).map((polygon) =>
          polygon.map((point): [number, number] => [point.x, point.y]),
        ),
        ruler: { x: figure(x), y: figure(y) },
        moves: fieldsOf(placed),
        near: clearances(card, placed, mostNear).map(({ other, distance }) => ({
          id: other.id,
          distance,
        })),
      };
    }),
    impossible: card.impossible,
  };
}

/** The fields of a stencil that can be moved over its zone; none where it cannot. */
function fieldsOf(placed: Placed) {
  const moves = isMark(placed) ? markMoves(placed) : undefined;
  if (!moves) return null;
  return moves.ok ? moves.placements.map(({ field }) => field) : [];
}
