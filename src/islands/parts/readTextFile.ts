import { decodeText } from '../../core/text/decodeText';

const mostBytes = 4 * 1024 * 1024;

export type TextFile =
  | { readonly ok: true; readonly text: string }
  /** A sentence on what is wrong and how to mend it. */
  | { readonly ok: false; readonly message: string };

/** The text of a file somebody chose. @param saveAs how it is to be saved so that its letters can be read */
export async function readTextFile(file: File, saveAs: string): Promise<TextFile> {
  if (file.size > mostBytes)
    return { ok: false, message: 'The file is larger than 4 MB. Split it.' };
  const text = decodeText(new Uint8Array(await file.arrayBuffer()));
  return text === undefined
    ? {
        ok: false,
        message: `The file is in an encoding that cannot be read, so its letters would come out wrong. Save it ${saveAs}, then choose it again.`,
      }
    : { ok: true, text };
}
