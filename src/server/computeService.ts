import type { APIContext } from 'astro';
import { respondJsonText, RefusalError, readJsonBody } from './respond';
import { clientOf } from './clientOf';
import { services } from './services';
import { pool } from './threads/pool';
import type { ServiceInput } from './threads/tasks/solveService';
import { TimeOverError } from './threads/ThreadPool';

/** What a service that is given no limit of time may take. */
const usualSeconds = 10;

/**
 * Answers a request to a computing service. The main thread, which the database shares, only hands the texts on.
 * @throws RefusalError 404 where there is no such service; 422 where nothing was found in time; what the service throws
 */
export async function computeService(context: APIContext): Promise<Response> {
  const { params, request } = context;
  const subject = params['subject'] ?? '';
  if (!services.some((each) => each.subject === subject))
    throw new RefusalError(404, {
      message: 'There is no such computing service.',
      hint: `There are ${services.map((each) => each.subject).join(', ')}; see /api/openapi.json.`,
    });
  const body = await readJsonBody(request);
  let best: string | undefined;
  const input: ServiceInput = { subject, body };
  try {
    const text = await pool().run<string, string>(
      { task: 'solveService', input },
      {
        client: clientOf(context),
        signal: request.signal,
        seconds: usualSeconds,
        onPart: (part) => (best = part),
      },
    );
    return respondJsonText(text);
  } catch (error) {
    if (error instanceof TimeOverError && best !== undefined) return respondJsonText(best);
    throw error;
  }
}
