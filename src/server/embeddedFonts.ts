import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import type { LetteringId } from '../core/lettering/letterings';
import { fontFamilies } from '../core/drawing/fontFamilies';
import type { Page, Shape } from '../core/drawing/shape';

/** The files of the fonts as they ship, and how heavy they can be. */
const files: Readonly<Record<LetteringId, readonly [file: string, weight: string]>> = {
  clarendon: ['@fontsource-variable/besley/files/besley-latin-wght-normal.woff2', '400 900'],
  hand: ['@fontsource/caveat/files/caveat-latin-600-normal.woff2', '600'],
  plain: [
    '@fontsource-variable/source-sans-3/files/source-sans-3-latin-wght-normal.woff2',
    '200 900',
  ],
};

/** The style that brings a drawing the fonts of its words, so that it looks alike wherever it is opened. */
export async function embeddedFonts({ layers }: Page): Promise<string> {
  const used = [...new Set(layers.flatMap(({ shapes }) => shapes.flatMap(letteringsIn)))];
  const find = createRequire(import.meta.url);
  const faces = used.toSorted().map(async (lettering) => {
    const [file, weight] = files[lettering];
    const [family] = fontFamilies[lettering].split(', ');
    const font = (await readFile(find.resolve(file))).toString('base64');
    return `@font-face{font-family:'${family}';font-weight:${weight};src:url(data:font/woff2;base64,${font}) format('woff2')}`;
  });
  return (await Promise.all(faces)).join('\n');
}

function letteringsIn(shape: Shape): readonly LetteringId[] {
  if (shape.kind === 'group') return shape.shapes.flatMap(letteringsIn);
  return shape.kind === 'text' && shape.align === 'left' ? [shape.lettering] : [];
}
