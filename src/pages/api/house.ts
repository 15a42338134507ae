import type { APIRoute } from 'astro';
import { z } from 'zod';
import { houseMailSchema } from '../../core/stash/houseMail';
import { habitsSchema } from '../../core/plan/habits';
import { respondJson, endpoint, readJson } from '../../server/respond';
import { database } from '../../server/database';
import { writeHouse } from '../../server/repositories/team';

const houseSchema = z.strictObject({
  name: z.string().trim().max(60),
  habits: habitsSchema,
  mail: houseMailSchema,
});

/** Sets the team's name, its habits, for cards made from now on, and how it posts, for all cards. */
export const POST: APIRoute = endpoint(async ({ request }) => {
  const house = await readJson(request, houseSchema);
  await writeHouse(await database(), house);
  return respondJson(house);
});
