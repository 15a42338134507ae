import type { APIRoute } from 'astro';
import { composeCard } from '../../../core/composition/compositionAnswer';
import { readCardFile } from '../../../core/plan/cardFile';
import { cardFileSentence } from '../../../core/words/cardFileSentence';
import { answerJson, endpoint, ProblemError, readText } from '../../../server/answer';

/** Where everything on a card file lies, with outlines, ruler distances and what is near; stateless. */
export const POST: APIRoute = endpoint(async ({ request }) => {
  const read = readCardFile(await readText(request));
  if (!read.ok) throw new ProblemError(400, cardFileSentence(read.issue));
  return answerJson(composeCard(read.file));
});
