import type { z } from 'zod';
import { readCardFile } from '../core/plan/cardFile';
import { cardFileSentence } from '../core/words/cardFileSentence';
import { parseBody, ProblemError, readBody } from './answer';

/**
 * Reads a problem of a computing service; a card file in it may be of an older version.
 * @throws ProblemError 400 with the path and the reason of the first thing wrong.
 */
export async function readProblem<Schema extends z.ZodType>(
  request: Request,
  schemaFor: (body: unknown) => Schema,
): Promise<z.output<Schema>> {
  const body = await readBody(request);
  if (typeof body !== 'object' || body === null || !('file' in body))
    return parseBody(body, schemaFor(body));
  const read = readCardFile(JSON.stringify(body.file));
  if (!read.ok) throw new ProblemError(400, cardFileSentence(read.issue));
  const current = { ...body, file: read.file };
  return parseBody(current, schemaFor(current));
}
