import type { Reason } from './respond';

const localNames = new Set(['127.0.0.1', 'localhost', '[::1]']);
const harmless = new Set(['GET', 'HEAD', 'OPTIONS']);
/** What any page or endpoint of ours may be asked with; which of them one takes is its own affair. */
const methods = new Set([...harmless, 'POST', 'PUT', 'PATCH', 'DELETE']);

/** A request that is not to be answered, and with what status. */
export interface Refusal {
  readonly status: 403 | 405;
  readonly reason: Reason;
}

/**
 * Whether a request may be answered. Until there are accounts Nibwright serves this machine alone:
 * the Host must name it (a foreign name would be DNS rebinding), and what changes something must come
 * from our own pages (an Origin elsewhere would be another site's form). Programs send no Origin.
 */
export function guardRequest(
  method: string,
  host: string | null,
  origin: string | null,
): Refusal | undefined {
  const name = host?.replace(/:\d+$/, '') ?? '';
  if (!localNames.has(name))
    return refuse(403, {
      message: `This Nibwright answers on this machine only, not as ${name || 'a host without a name'}.`,
      hint: 'Open it by the address it printed when it started.',
    });
  if (!methods.has(method))
    return refuse(405, {
      message: `Nothing here is asked with ${method}.`,
      hint: 'Ask with GET or POST.',
    });
  if (harmless.has(method) || origin === null || origin === `http://${host}`) return undefined;
  return refuse(403, {
    message: `A page at ${origin} tried to change something here.`,
    hint: 'Do it on a page of this Nibwright.',
  });
}

const refuse = (status: Refusal['status'], reason: Reason): Refusal => ({ status, reason });
