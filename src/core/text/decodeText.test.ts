import { describe, expect, it } from 'vitest';
import { decodeText } from './decodeText';

describe('the encoding of a file', () => {
  const bytes = (...codes: number[]) => Uint8Array.from(codes);

  it('is told by its mark, or by being UTF-8; anything else is told', () => {
    expect(decodeText(new TextEncoder().encode('Été'))).toBe('Été');
    expect(decodeText(bytes(0xff, 0xfe, 0x41, 0x00))).toBe('A');
    expect(decodeText(bytes(0xfe, 0xff, 0x00, 0x41))).toBe('A');
    // 'Été' in Latin 1.
    expect(decodeText(bytes(0xc9, 0x74, 0xe9))).toBeUndefined();
  });
});
