import type { APIContext } from 'astro';
import { readDesigner } from './session';

/**
 * Who asks, so that clients can take turns: a designer by the name in her browser; a program by what it calls itself in
 * `x-client` or, failing that, its user agent. No proof of anything.
 */
export function clientOf({ cookies, request }: Pick<APIContext, 'cookies' | 'request'>): string {
  const designer = readDesigner(cookies);
  if (designer) return `designer ${designer}`;
  const { headers } = request;
  return `program ${(headers.get('x-client') ?? headers.get('user-agent') ?? '').slice(0, 80)}`;
}
