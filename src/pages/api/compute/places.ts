import type { APIRoute } from 'astro';
import { placesSchemaFor, solvePlaces } from '../../../core/placesProblem';
import { answerJson, endpoint, ProblemError } from '../../../server/answer';
import { readProblem } from '../../../server/readProblem';

/** Finds the free places of a sheet among obstacles, or of a card's panel for words; stateless. */
export const POST: APIRoute = endpoint(async ({ request }) => {
  const answer = solvePlaces(await readProblem(request, placesSchemaFor));
  if (!answer)
    throw new ProblemError(400, {
      message: 'The card has no panel of that id with figures.',
      path: 'on',
      hint: 'Leave it out for the base, or name a piece of paper.',
    });
  return answerJson(answer);
});
