import type { Problem } from './answer';

const localNames = new Set(['127.0.0.1', 'localhost', '[::1]']);
const harmless = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Whether a request may be answered. Until there are accounts Nibwright serves this machine alone:
 * the Host must name it (a foreign name would be DNS rebinding), and what changes something must come
 * from our own pages (an Origin elsewhere would be another site's form). Programs send no Origin.
 */
export function guardRequest(
  method: string,
  host: string | null,
  origin: string | null,
): Problem | undefined {
  const name = host?.replace(/:\d+$/, '') ?? '';
  if (!localNames.has(name))
    return {
      message: `This Nibwright answers on this machine only, not as ${name || 'a host without a name'}.`,
      hint: 'Open it by the address it printed when it started.',
    };
  if (harmless.has(method) || origin === null || origin === `http://${host}`) return undefined;
  return {
    message: `A page at ${origin} tried to change something here.`,
    hint: 'Do it on a page of this Nibwright.',
  };
}
