import { defineMiddleware } from 'astro:middleware';
import { answerProblem } from './server/answer';
import { guardRequest } from './server/requestGuard';

const policy =
  "default-src 'self'; script-src 'self' 'unsafe-inline'; style-src 'self' 'unsafe-inline'; " +
  "img-src 'self' data: blob:; connect-src 'self'; frame-ancestors 'none'; base-uri 'none'";

export const onRequest = defineMiddleware(async ({ request }, next) => {
  const { headers, method } = request;
  const problem = guardRequest(method, headers.get('host'), headers.get('origin'));
  if (problem) return answerProblem(403, problem);
  const response = await next();
  response.headers.set('content-security-policy', policy);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  return response;
});
