import type { APIRoute } from 'astro';
import { lengthsProblemSchema, solveLengths } from '../../../core/length/lengthsProblem';
import { answerJson, endpoint, readJson } from '../../../server/answer';

/** Reads typed lengths; stateless. */
export const POST: APIRoute = endpoint(async ({ request }) =>
  answerJson(solveLengths(await readJson(request, lengthsProblemSchema))),
);
