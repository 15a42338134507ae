import { describe, expect, it } from 'vitest';
import { everySentence } from '../../../test/support/everySentence';

/** What is wrong with a sentence wherever it stands, and how it is found. */
const faults: readonly (readonly [fault: string, pattern: RegExp])[] = [
  ['a word twice', /(?<![\p{L}’])(\p{L}{2,}) \1(?![\p{L}’])/iu],
  ['a unit twice', /\b(in|mm)\b[^\d.;:,]{0,3}\b(in|mm)\b(?! one)/u],
  ['an empty name', /“\s*”|\*\*\*\*|\(\)/u],
  ['a plural of one', /(?<![\d⁄.,] ?)\b1 (?!pass\b|is\b|across\b)[\p{L}]+s\b/u],
  ['two blanks, or one before a stop', / {2}(?!$)|(?<!\d) [.,;:](?!\d)/u],
  ['what is no word', /undefined|NaN|\bnull\b|\[object|Infinity/u],
  ['a figure of nothing', /only (0|≈.0)(?![.\d⁄])|about 0|≈.0(?![.\d⁄])/u],
  ['a mark escaped in plain sight', /\\[()+.!]/u],
];

describe('every sentence the application makes', () => {
  const made = everySentence();

  it('is made of hard data: nothing, one, many, long names, both units', () => {
    expect(made.length).toBeGreaterThan(700);
  });

  it.each(faults)('is without %s', (_, pattern) => {
    const found = made.filter(({ text }) => pattern.test(text));
    expect(found.map(({ from, text }) => `${from}: ${text}`)).toEqual([]);
  });
});
