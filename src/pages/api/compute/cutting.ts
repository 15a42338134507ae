import type { APIRoute } from 'astro';
import { cuttingSchemaFor, type CuttingProblem } from '../../../core/cuttingProblem';
import { answerJson, endpoint } from '../../../server/answer';
import { computeInThread } from '../../../server/computeInThread';
import { readProblem } from '../../../server/readProblem';

/** Plans how a card's batch, a bare batch or one sheet is cut; stateless. */
export const POST: APIRoute = endpoint(async ({ request }) => {
  const problem = (await readProblem(request, cuttingSchemaFor)) as CuttingProblem;
  return answerJson(await computeInThread({ subject: 'cutting', problem }));
});
