import type { APIRoute } from 'astro';
import { z } from 'zod';
import { habitsSchema } from '../../core/plan/habits';
import { respondJson, endpoint, readJson } from '../../server/respond';
import { database } from '../../server/database';
import { writeHouse } from '../../server/repositories/team';

const houseSchema = z.strictObject({ name: z.string().trim().max(60), habits: habitsSchema });

/** Sets the team's name and its habits, for cards made from now on. */
export const POST: APIRoute = endpoint(async ({ request }) => {
  const house = await readJson(request, houseSchema);
  await writeHouse(await database(), house);
  return respondJson(house);
});
