import type { APIRoute } from 'astro';
import { suppliesProblemSchema } from '../../../core/suppliesProblem';
import { answerJson, endpoint } from '../../../server/answer';
import { computeInThread } from '../../../server/computeInThread';
import { readProblem } from '../../../server/readProblem';

/** Lists what a card's batch takes; stateless. */
export const POST: APIRoute = endpoint(async ({ request }) => {
  const problem = await readProblem(request, () => suppliesProblemSchema);
  return answerJson(await computeInThread({ subject: 'supplies', problem }));
});
