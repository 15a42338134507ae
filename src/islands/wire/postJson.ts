import type { ReplyName } from '../../core/replies/replies';
import { noReply, readReply, type Reply } from './readReply';

/** Browsers refuse to keep longer bodies alive when a page is left; those are sent the ordinary way. */
export const keptAlive = 60_000;

/**
 * Posts to our own server; every failure comes back as a sentence.
 * @param name what is replied
 */
export async function postJson<Name extends ReplyName>(
  path: string,
  body: unknown,
  name: Name,
  { outlivesPage = false }: { readonly outlivesPage?: boolean } = {},
): Promise<Reply<Name>> {
  const text = typeof body === 'string' ? body : JSON.stringify(body);
  try {
    const response = await fetch(path, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: text,
      keepalive: outlivesPage && text.length < keptAlive,
    });
    return await readReply(response, name);
  } catch {
    return noReply;
  }
}

/** Asks our own server; every failure comes back as a sentence. */
export async function getJson<Name extends ReplyName>(
  path: string,
  name: Name,
): Promise<Reply<Name>> {
  try {
    return await readReply(await fetch(path), name);
  } catch {
    return noReply;
  }
}
