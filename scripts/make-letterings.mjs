// Measures the letters of the shipped fonts, so that the core knows how wide words are without a browser.
// Run when a font is added: node scripts/make-letterings.mjs
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import * as fontkit from 'fontkit';

/** @type {[string, string][]} */
const fonts = [
  ['clarendon', '@fontsource/besley/files/besley-latin-600-normal.woff'],
  ['hand', '@fontsource/caveat/files/caveat-latin-600-normal.woff'],
  ['plain', '@fontsource/source-sans-3/files/source-sans-3-latin-600-normal.woff'],
];
const characters = [
  ...Array.from({ length: 95 }, (_, index) => String.fromCharCode(32 + index)),
  ...'’‘“”–…éèêàâçäöüßñåæøÄÖÜÉ',
];
const root = join(import.meta.dirname ?? '.', '..');

for (const [name, file] of fonts) {
  const font = fontkit.create(readFileSync(join(root, 'node_modules', file)));
  /** @type {Record<string, number[]>} */
  const glyphs = {};
  for (const character of characters) {
    const code = character.codePointAt(0) ?? 0;
    if (!font.hasGlyphForCodePoint(code)) continue;
    const glyph = font.glyphForCodePoint(code);
    const { minX, minY, maxX, maxY } = glyph.bbox;
    const box = character === ' ' ? [0, 0, 0, 0] : [minX, minY, maxX, maxY];
    glyphs[character] = [glyph.advanceWidth, ...box].map(Math.round);
  }
  const { unitsPerEm, xHeight } = font;
  writeFileSync(
    join(root, 'src/core/lettering', `${name}.json`),
    `${JSON.stringify({ unitsPerEm, xHeight, glyphs })}\n`,
  );
}
