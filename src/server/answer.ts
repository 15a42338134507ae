import type { APIContext } from 'astro';
import type { z } from 'zod';

/** What went wrong, in words: what is wrong, then how to mend it. */
export interface Problem {
  readonly message: string;
  readonly hint?: string;
  /** Where in the body, as in `edits.0.change.size`. */
  readonly path?: string;
}

/** Thrown by an endpoint to answer with a problem; anything else thrown is a fault of ours. */
export class ProblemError extends Error {
  constructor(
    readonly status: number,
    readonly problem: Problem,
  ) {
    super(problem.message);
  }
}

export const megabyte = 1024 * 1024;

export function answerJson(body: unknown, status = 200): Response {
  return new Response(JSON.stringify(body), {
    status,
    headers: { 'content-type': 'application/json; charset=utf-8', 'cache-control': 'no-store' },
  });
}

export function answerProblem(status: number, problem: Problem): Response {
  return answerJson({ error: problem }, status);
}

/** A file to keep, under this name. */
export function answerFile(
  body: string | Uint8Array<ArrayBuffer>,
  type: string,
  name: string,
): Response {
  const headers = new Headers({ 'content-type': type, 'cache-control': 'no-store' });
  headers.set('content-disposition', `attachment; filename="${name}"`);
  return new Response(body, { headers });
}

/** Wraps an endpoint: problems become answers, faults are logged and answered without details. */
export function endpoint(
  handle: (context: APIContext) => Promise<Response>,
): (context: APIContext) => Promise<Response> {
  return async (context) => {
    try {
      return await handle(context);
    } catch (error) {
      if (error instanceof ProblemError) return answerProblem(error.status, error.problem);
      console.error(`${context.request.method} ${context.url.pathname}`, error);
      return answerProblem(500, {
        message: 'Nibwright itself failed here; what was saved is safe.',
        hint: 'Try again. The reason stands in the window Nibwright was started from.',
      });
    }
  };
}

/**
 * Reads a body of at most so many bytes as text.
 * @throws ProblemError 413 when it is longer; reading stops there.
 */
export async function readText(request: Request, mostBytes = megabyte): Promise<string> {
  const reader = request.body?.getReader();
  if (!reader) return '';
  const chunks: Uint8Array[] = [];
  let bytes = 0;
  for (let read = await reader.read(); !read.done; read = await reader.read()) {
    bytes += read.value.byteLength;
    if (bytes > mostBytes) {
      await reader.cancel();
      throw new ProblemError(413, {
        message: `The body is larger than ${mostBytes / megabyte} MB.`,
        hint: 'Send less at once.',
      });
    }
    chunks.push(read.value);
  }
  return Buffer.concat(chunks).toString('utf8');
}

/**
 * Reads a JSON body by a schema.
 * @throws ProblemError 400 with the path and the reason of the first thing wrong.
 */
export async function readJson<Schema extends z.ZodType>(
  request: Request,
  schema: Schema,
  mostBytes = megabyte,
): Promise<z.output<Schema>> {
  return parseBody(await readBody(request, mostBytes), schema);
}

/** @throws ProblemError 400 when the body is not JSON. */
export async function readBody(request: Request, mostBytes = megabyte): Promise<unknown> {
  const text = await readText(request, mostBytes);
  try {
    return JSON.parse(text);
  } catch {
    throw new ProblemError(400, { message: 'The body is not JSON.', hint: 'Send a JSON object.' });
  }
}

/** @throws ProblemError 400 with the path and the reason of the first thing wrong. */
export function parseBody<Schema extends z.ZodType>(
  body: unknown,
  schema: Schema,
): z.output<Schema> {
  const parsed = schema.safeParse(body);
  if (parsed.success) return parsed.data;
  const [first] = parsed.error.issues;
  throw new ProblemError(400, {
    message: first?.message ?? 'The body does not fit the schema.',
    path: first?.path.join('.') ?? '',
    hint: 'The schema stands in /api/openapi.json.',
  });
}
