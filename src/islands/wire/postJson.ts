/** A reply of our own server: the body, or a sentence saying what is wrong. */
export type PostAnswer<Body> =
  { readonly ok: true; readonly body: Body } | { readonly ok: false; readonly message: string };

/** Posts to our own server; every failure comes back as a sentence. */
export async function postJson<Body>(path: string, body: unknown): Promise<PostAnswer<Body>> {
  try {
    const isText = typeof body === 'string';
    const response = await fetch(path, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: isText ? body : JSON.stringify(body),
    });
    const reply = (await response.json()) as Body & {
      readonly error?: { readonly message: string; readonly hint?: string };
    };
    if (response.ok) return { ok: true, body: reply };
    const { message = 'That did not work.', hint = '' } = reply.error ?? {};
    return { ok: false, message: `${message} ${hint}`.trim() };
  } catch {
    return {
      ok: false,
      message: 'Nibwright does not reply. Check that it is still running, then try again.',
    };
  }
}
