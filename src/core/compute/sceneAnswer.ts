import { z } from 'zod';
import { stripTurns } from '../masking/stripTurns';
import type { Outline } from '../outline/outline';
import type { ResolvedScene } from '../resolve/resolvedScene';

/** A point as `[x, y]` in the unit asked for, from the top left corner. */
export const linesSchema = z.array(z.array(z.tuple([z.number(), z.number()])));

export const sceneAnswerSchema = z
  .strictObject({
    id: z.string(),
    name: z.string(),
    face: z.string(),
    on: z.string(),
    /** From the top, the disc after them; together they are the paper. */
    strips: z.array(z.strictObject({ id: z.string(), outline: linesSchema, area: z.number() })),
    /** Which strips are open together, turn by turn. */
    turns: z.array(z.array(z.string())),
    /** Those laid back on dry ink. */
    laidBack: z.array(z.string()),
    fewestLaidBack: z.number().int(),
    proven: z.boolean(),
  })
  .meta({ id: 'MaskedScene' });

/** A scene as the service tells it. @param per ticks of the unit asked for */
export function sceneAnswer(scene: ResolvedScene, per: number): z.output<typeof sceneAnswerSchema> {
  const { turns, laidBack, fewest, isProven } = stripTurns(scene);
  return {
    id: scene.id,
    name: scene.name,
    face: scene.face,
    on: scene.support,
    strips: scene.strips.map(({ id, outline, area }) => ({
      id,
      outline: linesOf(outline, per),
      area: area / per ** 2,
    })),
    turns: turns.map((open) => open.map(({ id }) => id)),
    laidBack: laidBack.map(({ id }) => id),
    fewestLaidBack: fewest,
    proven: isProven,
  };
}

export const linesOf = (outline: Outline, per: number) =>
  outline.map((line) => line.map(({ x, y }): [number, number] => [x / per, y / per]));
