import type { ReplyName } from '../../core/replies/replies';
import { noReply, readReply, type Reply } from './readReply';

/**
 * Posts to our own server; every failure comes back as a sentence.
 * @param name what is replied
 */
export async function postJson<Name extends ReplyName>(
  path: string,
  body: unknown,
  name: Name,
): Promise<Reply<Name>> {
  try {
    const response = await fetch(path, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: typeof body === 'string' ? body : JSON.stringify(body),
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
