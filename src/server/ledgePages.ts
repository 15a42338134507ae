import { createHash } from 'node:crypto';
import type { APIContext } from 'astro';
import { database } from './database';
import { inTurn } from './inTurn';
import { localDay } from '../core/text/localDay';
import { listDesigners, listReleases, readHouse } from './repositories/team';
import { readDesigner, readUnit } from './session';
import { standing } from './standing/standing';

interface LedgePage {
  readonly html: string;
  readonly headers: readonly [string, string][];
}

/** Pages of the Ledge as they were drawn, by what is on them; the oldest goes first. */
const drawn = new Map<string, LedgePage>();
/** Each is some hundred kilobytes; one browser asks for one or two. */
const mostPages = 8;

/**
 * The Ledge as a page: as it was drawn before while nothing on it has changed, else drawn by `draw`.
 */
export async function ledgePage(
  { cookies, url, request }: Pick<APIContext, 'cookies' | 'url' | 'request'>,
  now: Date,
  draw: () => Promise<Response>,
): Promise<Response> {
  const key = await keyOf(cookies, url.search, now);
  const etag = `"${key}"`;
  const fields = { etag, 'cache-control': 'private, no-cache' };
  const found = drawn.get(key);
  if (found && request.headers.get('if-none-match') === etag)
    return new Response(null, { status: 304, headers: fields });
  if (found)
    return new Response(found.html, { headers: [...found.headers, ...Object.entries(fields)] });
  const { response, html } = await inTurn(async () => {
    const drawing = await draw();
    const isDrawn = drawing.status === 200;
    return { response: drawing, html: isDrawn ? await drawing.text() : undefined };
  });
  if (html === undefined) return response;
  const page: LedgePage = { html, headers: [...response.headers] };
  drawn.set(key, page);
  for (const oldest of [...drawn.keys()].slice(0, -mostPages)) drawn.delete(oldest);
  return new Response(page.html, { headers: [...page.headers, ...Object.entries(fields)] });
}

async function keyOf(cookies: APIContext['cookies'], search: string, now: Date): Promise<string> {
  const db = await database();
  const cards = await standing();
  await cards.list();
  const names = await Promise.all([listDesigners(db), listReleases(db), readHouse(db)]);
  const own = [readDesigner(cookies), readUnit(cookies), search, localDay(now)];
  return createHash('sha256')
    .update(JSON.stringify([cards.version, names, own]))
    .digest('base64url');
}
