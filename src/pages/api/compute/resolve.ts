import type { APIRoute } from 'astro';
import { computeCard } from '../../../core/computeCard';
import { readCardFile } from '../../../core/plan/cardFile';
import { resolveAnswer } from '../../../core/resolveAnswer';
import { cardFileSentence } from '../../../core/words/cardFileSentence';
import { answerJson, endpoint, ProblemError, readText } from '../../../server/answer';

/** Resolves a card file: every size, place and reveal, and the findings; stateless. */
export const POST: APIRoute = endpoint(async ({ request }) => {
  const read = readCardFile(await readText(request));
  if (!read.ok) throw new ProblemError(400, cardFileSentence(read.issue));
  return answerJson(resolveAnswer(computeCard(read.file.plan, read.file.library)));
});
