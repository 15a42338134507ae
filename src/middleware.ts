import { defineMiddleware } from 'astro:middleware';
import { respondRefusal } from './server/respond';
import { ledgePage } from './server/ledgePages';
import { isStoreThere } from './server/isStoreThere';
import { hasRoom } from './server/hasRoom';
import { fullRefusal } from './server/storeRefusal';
import { guardRequest } from './server/requestGuard';

const policy = (scripts: string) =>
  `default-src 'self'; ${scripts}; style-src 'self' 'unsafe-inline'; ` +
  "img-src 'self' data: blob:; connect-src 'self'; object-src 'none'; form-action 'self'; " +
  "frame-ancestors 'none'; base-uri 'none'";

/** What each endpoint can be asked with, by its pattern, read off what its file exports. */
const endpoints = new Map(
  Object.entries(import.meta.glob<object>('./pages/api/**/*.ts', { eager: true })).map(
    ([file, module]) => [
      file.replace('./pages', '').replace(/(\/index)?\.ts$/, ''),
      Object.keys(module).filter((name) => /^[A-Z]+$/.test(name)),
    ],
  ),
);

export const onRequest = defineMiddleware(async ({ cookies, request, routePattern, url }, next) => {
  const { headers, method } = request;
  const refusal = guardRequest(method, headers.get('host'), headers.get('origin'));
  if (refusal) return respondRefusal(refusal.status, refusal.reason);
  if (url.pathname.startsWith('/api/')) {
    const wrong = wrongRequest(routePattern, method);
    if (wrong) return wrong;
  }
  if (method === 'POST' && !url.pathname.startsWith('/api/compute/') && !(await hasRoom())) {
    const { status, reason, headers: fields } = fullRefusal;
    return respondRefusal(status, reason, fields);
  }
  const isPage = method === 'GET' && !url.pathname.startsWith('/api/');
  if (isPage && url.pathname !== '/away' && !(await isStoreThere())) return next('/away');
  const isLedge = method === 'GET' && url.pathname === '/';
  const response = await (isLedge
    ? ledgePage({ cookies, url, request }, new Date(), next)
    : next());
  // The framework says which inline scripts are its own; in development it does not.
  const named = response.headers.get('content-security-policy') ?? '';
  const own = /script-src [^;]+/.exec(named)?.[0];
  response.headers.set(
    'content-security-policy',
    policy(own?.trim() ?? "script-src 'self' 'unsafe-inline'"),
  );
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  return response;
});

/** The answer to what no endpoint takes; undefined where one does. */
function wrongRequest(pattern: string, method: string): Response | undefined {
  const taken = endpoints.get(pattern);
  if (!taken)
    return respondRefusal(404, {
      message: 'There is nothing at this address.',
      hint: 'The computing service is described in /api/openapi.json.',
    });
  const allowed = taken.includes('GET') ? [...taken, 'HEAD'] : taken;
  if (allowed.includes(method)) return undefined;
  const allow = { allow: [...allowed, 'OPTIONS'].join(', ') };
  if (method === 'OPTIONS') return new Response(null, { status: 204, headers: allow });
  const reason = {
    message: `${method} does nothing here.`,
    hint: `Ask with ${taken.join(' or ')}.`,
  };
  return respondRefusal(405, reason, allow);
}
