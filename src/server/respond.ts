import type { APIContext } from 'astro';
import type { z } from 'zod';
import { deepestJson, readJson as readJsonText } from '../core/text/readJson';
import { firstIssue, schemaSentence } from '../core/text/schemaSentence';
import { storeRefusal } from './storeRefusal';

/** What went wrong, in words: what is wrong, then how to mend it. */
export interface Reason {
  readonly message: string;
  readonly hint?: string;
  /** Where in the body, as in `edits.0.change.size`. */
  readonly path?: string;
}

/** Thrown by an endpoint to refuse a request; anything else thrown is a fault of ours. */
export class RefusalError extends Error {
  constructor(
    readonly status: number,
    readonly reason: Reason,
    readonly headers: Readonly<Record<string, string>> = {},
  ) {
    super(reason.message);
  }
}

export const megabyte = 1024 * 1024;

type Fields = Readonly<Record<string, string>>;

export function respondJson(body: unknown, status = 200, headers: Fields = {}): Response {
  return respondJsonText(JSON.stringify(body), status, headers);
}

/** A response that was written as JSON elsewhere. */
export function respondJsonText(text: string, status = 200, headers: Fields = {}): Response {
  return new Response(text, {
    status,
    headers: {
      'content-type': 'application/json; charset=utf-8',
      'cache-control': 'no-store',
      ...headers,
    },
  });
}

export function respondRefusal(status: number, reason: Reason, headers: Fields = {}): Response {
  return respondJson({ error: reason }, status, headers);
}

/** A file to keep, under this name. */
export function respondFile(
  body: string | Uint8Array<ArrayBuffer>,
  type: string,
  name: string,
): Response {
  return new Response(body, { headers: fileHeaders(type, name) });
}

export function fileHeaders(type: string, name: string): Headers {
  return new Headers({
    'content-type': type,
    'cache-control': 'no-store',
    'content-disposition': `attachment; filename="${name}"`,
  });
}

/** Wraps an endpoint: refusals become responses, faults are logged and told without details. */
export function endpoint(
  handle: (context: APIContext) => Promise<Response>,
): (context: APIContext) => Promise<Response> {
  return async (context) => {
    try {
      return await handle(context);
    } catch (error) {
      if (error instanceof RefusalError)
        return respondRefusal(error.status, error.reason, error.headers);
      const known = storeRefusal(error);
      if (known) return respondRefusal(known.status, known.reason, known.headers);
      console.error(`${context.request.method} ${context.url.pathname}`, error);
      return respondRefusal(500, {
        message: 'Nibwright itself failed here; what was saved is safe.',
        hint: 'Try again. The reason stands in the window Nibwright was started from.',
      });
    }
  };
}

/**
 * Reads a body of at most so many bytes as text.
 * @throws RefusalError 413 when it is longer; reading stops there.
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
      throw new RefusalError(413, {
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
 * @throws RefusalError 400 with the path and the reason of the first thing wrong.
 */
export async function readJson<Schema extends z.ZodType>(
  request: Request,
  schema: Schema,
  mostBytes = megabyte,
): Promise<z.output<Schema>> {
  return parseBody(await readBody(request, mostBytes), schema);
}

/**
 * Reads a body of JSON, its texts cleaned.
 * @throws RefusalError 415 when it is said to be something else, 400 when it is not JSON or nested too deep.
 */
export async function readBody(request: Request, mostBytes = megabyte): Promise<unknown> {
  const read = readJsonText(await readJsonBody(request, mostBytes));
  if (read.ok) return read.value;
  throw new RefusalError(400, notReadable[read.code]);
}

/** The text of a body of JSON, not parsed yet. @throws RefusalError 415 when it is said to be something else */
export async function readJsonBody(request: Request, mostBytes = megabyte): Promise<string> {
  const type = request.headers.get('content-type') ?? '';
  if (!/^application\/([\w.+-]+\+)?json\s*(;|$)/i.test(type))
    throw new RefusalError(415, {
      message: type === '' ? 'The body has no content type.' : `The body is said to be ${type}.`,
      hint: 'Send JSON, with the header content-type: application/json.',
    });
  return readText(request, mostBytes);
}

/** Why a text is no JSON to be taken in. */
export const notReadable = {
  'not-json': { message: 'The body is not JSON.', hint: 'Send a JSON object.' },
  'too-deep': {
    message: `The body is nested more than ${deepestJson} deep.`,
    hint: 'Send a document as the schema in /api/openapi.json describes it.',
  },
} as const;

/** What a schema does not say itself, with its place in the body. */
function bodySentence(issue: z.core.$ZodRawIssue): string {
  const place = issue.path?.join('.') ?? '';
  return `${place === '' ? 'The body' : place}: ${schemaSentence(issue)}.`;
}

/** @throws RefusalError 400 with the path and the reason of the first thing wrong. */
export function parseBody<Schema extends z.ZodType>(
  body: unknown,
  schema: Schema,
): z.output<Schema> {
  const parsed = schema.safeParse(body, { error: bodySentence });
  if (parsed.success) return parsed.data;
  const { path, reason } = firstIssue(parsed.error);
  throw new RefusalError(400, {
    message: reason,
    path,
    hint: 'The schema stands in /api/openapi.json.',
  });
}
