/**
 * Text as it may be kept: composed (NFC), lines ended by LF, without control characters other than tab and line end,
 * and without halves of characters, none of which a database or a file can hold. Clean text comes back as it is.
 * @example cleanText('Rain\u0000 day') // 'Rain day'
 */
export function cleanText(text: string): string {
  const composed = text.normalize('NFC');
  return unfit.test(composed)
    ? composed.replaceAll(/\r\n?/g, '\n').replaceAll(unfits, '')
    : composed;
}

/** Controls (Cc) but for tab and line end, and halves of characters that stand alone (Cs). */
const unfit = /(?![\t\n])[\p{Cc}\p{Cs}]/u;
const unfits = new RegExp(unfit, 'gu');
