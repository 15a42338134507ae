/** A file our own server wrote, or a sentence saying what is wrong. */
export type FileAnswer =
  { readonly ok: true; readonly file: Blob } | { readonly ok: false; readonly message: string };

/** Posts JSON to our own server for a file; every failure comes back as a sentence. */
export async function postForFile(path: string, body: unknown): Promise<FileAnswer> {
  try {
    const response = await fetch(path, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    if (response.ok) return { ok: true, file: await response.blob() };
    const { error } = (await response.json()) as {
      readonly error: { readonly message: string; readonly hint?: string };
    };
    return { ok: false, message: `${error.message} ${error.hint ?? ''}`.trim() };
  } catch {
    return {
      ok: false,
      message: 'Nibwright does not reply. Check that it is still running, then try again.',
    };
  }
}
