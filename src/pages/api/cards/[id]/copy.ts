import type { APIRoute } from 'astro';
import { z } from 'zod';
import type { CardId } from '../../../../core/plan/ids';
import { aboutSchema, planSchema } from '../../../../core/plan/plan';
import { respondJson, endpoint, readJson } from '../../../../server/respond';
import { database } from '../../../../server/database';
import { newId } from '../../../../server/newId';
import { createCard } from '../../../../server/repositories/cards';
import { requireCard } from '../../../../server/requireCard';
import { readDesigner } from '../../../../server/session';
import { cutText } from '../../../../core/text/cutText';

/** The plan to copy where it is not the stored one: my side of a conflict, or the design on another format. */
const copySchema = z.strictObject({
  plan: planSchema.optional(),
  title: aboutSchema.shape.title.optional(),
});

/** Makes a card of its own from a card, or from a version of it that could not be saved. */
export const POST: APIRoute = endpoint(async ({ params, request, cookies }) => {
  const db = await database();
  const { plan: wanted, title: named } = await readJson(request, copySchema);
  const { plan: stored, embedded } = await requireCard(db, params['id']);
  const plan = wanted ?? stored;
  const title = named ?? `${cutText(plan.about.title, 110)} (copy)`;
  const id = newId() as CardId;
  const author = readDesigner(cookies);
  const copy = { ...plan, about: { ...plan.about, title, series: null } };
  await createCard(db, { id, plan: copy, embedded, saveId: `copy-${id}`, author, at: new Date() });
  return respondJson({ id }, 201);
});
