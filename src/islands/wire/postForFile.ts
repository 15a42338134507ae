import { noReply, readReply } from './readReply';

/** A file our own server wrote, or a sentence saying what is wrong. */
export type FileReply =
  { readonly ok: true; readonly file: Blob } | { readonly ok: false; readonly message: string };

/** Posts JSON to our own server for a file; every failure comes back as a sentence. */
export async function postForFile(path: string, body: unknown): Promise<FileReply> {
  try {
    const response = await fetch(path, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    if (response.ok) return { ok: true, file: await response.blob() };
    const refused = await readReply(response, 'done');
    return refused.ok ? noReply : refused;
  } catch {
    return noReply;
  }
}
