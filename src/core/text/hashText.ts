const offsetBasis = 0xcbf29ce484222325n;
const prime = 0x100000001b3n;

/**
 * The 64-bit FNV-1a hash of a text's UTF-8 bytes, as 16 hexadecimal digits. It tells texts apart; it
 * keeps no secret. Source: IETF draft-eastlake-fnv.
 * @example hashText('a') // 'af63dc4c8601ec8c'
 */
export function hashText(text: string): string {
  let hash = offsetBasis;
  for (const byte of new TextEncoder().encode(text))
    hash = BigInt.asUintN(64, (hash ^ BigInt(byte)) * prime);
  return hash.toString(16).padStart(16, '0');
}
