import type { IncomingMessage, RequestListener, ServerResponse } from 'node:http';
import { guardRequest } from './requestGuard';

/** Sent with everything, files of the build too. */
const fields = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
} as const;

/**
 * Puts the guard before all that answers: pages, endpoints and files alike. Addresses that are no addresses, and the
 * framework's picture service, which nothing of ours uses, end here too.
 */
export function guardedListener(listener: RequestListener): RequestListener {
  return (request, response) => {
    for (const [name, value] of Object.entries(fields)) response.setHeader(name, value);
    const { method = 'GET', headers } = request;
    const refusal = guardRequest(method, headers.host ?? null, headers.origin ?? null);
    if (refusal) {
      if (refusal.status === 405) response.setHeader('allow', 'GET, HEAD, POST');
      return respond(response, refusal.status, refusal.reason);
    }
    if (!isAddress(request) || /^\/_image(\/|\?|$)/.test(request.url ?? ''))
      return respond(response, 404, {
        message: 'There is nothing at this address.',
        hint: 'Open the Ledge at /.',
      });
    listener(request, response);
  };
}

function isAddress({ url = '' }: IncomingMessage): boolean {
  try {
    return url.startsWith('/') && !decodeURI(url).includes('\0');
  } catch {
    return false;
  }
}

function respond(response: ServerResponse, status: number, error: object): void {
  response.writeHead(status, { 'content-type': 'application/json; charset=utf-8' });
  response.end(JSON.stringify({ error }));
}
