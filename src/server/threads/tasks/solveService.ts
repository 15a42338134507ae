import { TooManyRectanglesError } from '../../../core/cutting/unboundedValue';
import { asWritten, cardFileSchema, parseCardFile } from '../../../core/plan/cardFile';
import { readJson } from '../../../core/text/readJson';
import { cardFileSentence } from '../../../core/words/cardFileSentence';
import { notReadable, parseBody, RefusalError } from '../../respond';
import { services, type ComputeService } from '../../services';
import type { ThreadWork } from '../threadMeans';

/** A request to a service: the subject, and its body as it came. */
export interface ServiceInput {
  readonly subject: string;
  readonly body: string;
}

/** Answers told at most so often before the last, since each is written out whole. */
const tellEveryMilliseconds = 250;

/**
 * Reads, solves and writes the answer, all of it here, so that the main thread only hands texts on. A time limit in the
 * problem is kept; what was found by then says that it was cut short.
 * @returns the answer as JSON; parts are earlier ones, good enough where the thread has to be ended
 */
export const solveService: ThreadWork = async (input, { part, limit, solver }) => {
  const { subject, body } = input as ServiceInput;
  const service = services.find((each) => each.subject === subject);
  if (!service) throw new Error(`solveService: no service ${subject}`);
  const problem = readProblem(service, body);
  const seconds = service.hasTimeLimit ? timeLimitOf(problem) : Infinity;
  if (service.hasTimeLimit) limit(seconds);
  const end = Date.now() + seconds * 1000;
  const time = {
    isOver: () => Date.now() > end,
    secondsLeft: () => (end - Date.now()) / 1000,
  };
  try {
    const search = service.solve(problem, { solver: await solver(), ...time });
    let told = 0;
    let step = search.next();
    for (; !step.done; step = search.next()) {
      if (Date.now() - told < tellEveryMilliseconds) continue;
      part(JSON.stringify(step.value));
      told = Date.now();
    }
    return JSON.stringify(step.value);
  } catch (error) {
    if (!(error instanceof TooManyRectanglesError)) throw error;
    throw new RefusalError(422, {
      message: 'The sizes are on too fine a measure to be searched through.',
      hint: 'Give them in a coarser unit, such as sixteenths of an inch or whole millimetres.',
    });
  }
};

/** A card file in a problem may be of an older version. */
function readProblem({ schemaFor }: ComputeService, text: string): unknown {
  const read = readJson(text);
  if (!read.ok) throw new RefusalError(400, notReadable[read.code]);
  const body = read.value;
  const schema = schemaFor(body);
  if (schema === cardFileSchema) return currentFile(body);
  if (typeof body !== 'object' || body === null || !('file' in body))
    return parseBody(body, schema);
  return parseBody({ ...body, file: asWritten(currentFile(body.file)) }, schema);
}

function currentFile(document: unknown) {
  const read = parseCardFile(document);
  if (!read.ok) throw new RefusalError(400, cardFileSentence(read.issue));
  return read.file;
}

/** A bare card file says nothing of it. */
function timeLimitOf(problem: unknown): number {
  const { timeLimitSeconds } = problem as { readonly timeLimitSeconds?: number };
  return timeLimitSeconds ?? usualSeconds;
}

const usualSeconds = 10;
