import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cleanText } from './cleanText';
import { cutText } from './cutText';

const anyText = () => fc.string({ unit: fc.nat(0xffff).map((code) => String.fromCharCode(code)) });

describe('text that is taken in', () => {
  it('loses what no database holds, and nothing else', () => {
    expect(cleanText('Rain\u0000 day\u0007')).toBe('Rain day');
    expect(cleanText('half \ud83d of one')).toBe('half  of one');
    expect(cleanText('tab\tand\r\nlines\rend')).toBe('tab\tand\nlines\nend');
    expect(cleanText('Cafe\u0301 👋🏽 ½')).toBe('Café 👋🏽 ½');
  });

  it('is well formed, composed and clean already the second time (seed 11)', () => {
    fc.assert(
      fc.property(anyText(), (text) => {
        const cleaned = cleanText(text);
        expect(() => encodeURIComponent(cleaned)).not.toThrow();
        expect(cleaned).not.toContain('\u0000');
        expect(cleanText(cleaned)).toBe(cleaned);
      }),
      { seed: 11, numRuns: 2000 },
    );
  });

  it('is cut between characters, never longer than was asked (seed 12)', () => {
    expect(cutText('Bon voyage 👋🏽', 12)).toBe('Bon voyage ');
    expect(cutText('e\u0301e\u0301', 3)).toBe('e\u0301');
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), fc.nat(40), (text, most) => {
        const cut = cutText(text, most);
        expect(text.startsWith(cut)).toBe(true);
        expect(cut.length).toBeLessThanOrEqual(most);
        expect(() => encodeURIComponent(cut)).not.toThrow();
      }),
      { seed: 12 },
    );
  });
});
