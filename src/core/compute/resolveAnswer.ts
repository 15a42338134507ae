import { z } from 'zod';
import type { ComputedCard } from './computeCard';
import { faceIds } from '../plan/faces';
import type { Rect } from '../outline/outline';
import type { Size } from '../length/length';
import { ruleIds } from '../plan/rules';

const ticks = z
  .number()
  .int()
  .meta({ description: 'Ticks of 62.5 nm; negative where it overhangs.' });
const size = z.strictObject({ width: ticks, height: ticks });
const rect = z.strictObject({ x: ticks, y: ticks, width: ticks, height: ticks });
const sides = z.strictObject({ left: ticks, top: ticks, right: ticks, bottom: ticks });

/** What the resolve service answers: every figure of a card, and its findings. */
export const resolveAnswerSchema = z
  .strictObject({
    base: z.strictObject({
      letter: z.string(),
      face: size,
      blank: size,
      scores: z.array(z.strictObject({ axis: z.enum(['vertical', 'horizontal']), at: ticks })),
    }),
    pieces: z.array(
      z.strictObject({
        id: z.string(),
        letter: z.string(),
        name: z.string(),
        face: z.enum(faceIds),
        support: z.string().meta({ description: '`base`, or the id of a piece.' }),
        role: z.enum(['mat', 'panel', 'liner']),
        rect,
        cut: size.meta({ description: 'What is cut, before trimming.' }),
        opening: rect.nullable().meta({ description: 'The hole cut in its middle.' }),
        crossesGate: z.boolean(),
        reveals: sides,
        origins: z.strictObject({
          width: z.looseObject({ kind: z.string() }),
          height: z.looseObject({ kind: z.string() }),
          x: z.looseObject({ kind: z.string() }),
          y: z.looseObject({ kind: z.string() }),
        }),
      }),
    ),
    impossible: z.array(
      z.strictObject({
        id: z.string(),
        name: z.string(),
        reason: z.looseObject({ code: z.string() }),
      }),
    ),
    thickness: z.strictObject({
      front: ticks,
      'inside-front': ticks,
      inside: ticks,
      back: ticks,
      closed: ticks,
    }),
    findings: z.array(
      z.strictObject({
        rule: z.enum(ruleIds),
        severity: z.enum(['stop', 'look', 'habit']),
        subject: z.looseObject({ kind: z.enum(['card', 'piece', 'pair', 'step', 'item']) }),
        data: z.looseObject({ rule: z.string() }),
        remedies: z.array(
          z.strictObject({
            id: z.string(),
            size: size.optional(),
            edit: z.looseObject({ kind: z.string() }),
          }),
        ),
      }),
    ),
  })
  .meta({ id: 'ResolveAnswer' });

type ResolveAnswer = z.input<typeof resolveAnswerSchema>;

/** A computed card as the service answers it. */
export function resolveAnswer({ card, findings }: ComputedCard): ResolveAnswer {
  const { letter, face, blank, scores } = card.base;
  return resolveAnswerSchema.parse({
    base: { letter, face, blank, scores: [...scores] },
    pieces: card.pieces.map(
      ({ rect: place, cut, opening, crossesGate, reveals, origins, ...piece }) => ({
        id: piece.id,
        letter: piece.letter,
        name: piece.name,
        face: piece.face,
        support: piece.support,
        role: piece.role,
        rect: plainRect(place),
        cut,
        opening: opening ? plainRect(opening) : null,
        crossesGate,
        reveals,
        origins,
      }),
    ),
    impossible: card.impossible,
    thickness: card.thickness,
    findings: findings.map(({ data, severity, subject, remedies }) => ({
      rule: data.rule,
      severity,
      subject,
      data,
      remedies: remedies.map((remedy) => ({
        id: remedy.id,
        ...('size' in remedy && { size: plainSize(remedy.size) }),
        edit: remedy.edit,
      })),
    })),
  });
}

function plainSize({ width, height }: Size) {
  return { width, height };
}

function plainRect({ x, y, width, height }: Rect) {
  return { x, y, width, height };
}
