/** The text of a file; undefined where its bytes are in none of the encodings that can be told apart. */
export function decodeText(bytes: Uint8Array): string | undefined {
  const [first, second] = bytes;
  const encoding =
    first === 0xff && second === 0xfe
      ? 'utf-16le'
      : first === 0xfe && second === 0xff
        ? 'utf-16be'
        : 'utf-8';
  try {
    return new TextDecoder(encoding, { fatal: true }).decode(bytes);
  } catch {
    return undefined;
  }
}
