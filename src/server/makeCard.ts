import { z } from 'zod';
import { defaultHabits } from '../core/plan/habits';
import { releaseIdSchema, type CardId, type DesignerId } from '../core/plan/ids';
import { aboutSchema, baseSchema } from '../core/plan/plan';
import { newPlan } from '../core/plan/newPlan';
import type { Database } from './storeTypes';
import { newId } from './newId';
import { createCard } from './repositories/cards';
import { readHouse } from './repositories/team';

export const newCardSchema = z.strictObject({
  title: aboutSchema.shape.title,
  releaseId: releaseIdSchema.nullable(),
  unit: z.enum(['in', 'mm']),
  format: baseSchema.shape.format,
  fold: baseSchema.shape.fold,
  stock: baseSchema.shape.stock,
});

/**
 * Makes a card by the house habits; where the designer works in the other unit than the house, by
 * the usual habits of that school.
 */
export async function makeCard(
  db: Database,
  { unit, ...wanted }: z.output<typeof newCardSchema>,
  author: DesignerId | null,
  at: Date,
): Promise<CardId> {
  const id = newId() as CardId;
  const house = await readHouse(db);
  const habits = house.habits.leadingUnit === unit ? house.habits : defaultHabits(unit);
  const plan = newPlan({ ...wanted, designerId: author, habits });
  await createCard(db, { id, plan, embedded: [], saveId: `made-${id}`, author, at });
  return id;
}
