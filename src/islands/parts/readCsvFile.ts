import { decodeText } from '../../core/text/decodeText';

const mostBytes = 4 * 1024 * 1024;

export type CsvFile =
  | { readonly ok: true; readonly text: string }
  /** A sentence on what is wrong and how to mend it. */
  | { readonly ok: false; readonly message: string };

/** The text of a CSV file somebody chose. */
export async function readCsvFile(file: File): Promise<CsvFile> {
  if (file.size > mostBytes)
    return { ok: false, message: 'The file is larger than 4 MB. Split it.' };
  const text = decodeText(new Uint8Array(await file.arrayBuffer()));
  return text === undefined
    ? {
        ok: false,
        message:
          'The file is in an encoding that cannot be read, so its letters would come out wrong. Save it as CSV UTF-8 from your spreadsheet, then choose it again.',
      }
    : { ok: true, text };
}
