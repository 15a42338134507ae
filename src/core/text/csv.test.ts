import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { decodeText } from './decodeText';
import { fileName } from './fileName';
import { writeCsvTable } from './writeCsvTable';

describe('a table as CSV', () => {
  it('says that it is UTF-8, keeps numbers numbers, and runs no formula', () => {
    const text = writeCsvTable([
      { a: 1.5, b: '=1+1' },
      { a: 2, c: 'é, "x"' },
    ]);
    expect(text).toBe('\uFEFFa,b,c\r\n1.5,"\'=1+1",\r\n2,,"é, ""x"""\r\n');
    expect(Papa.parse(text.trimEnd(), { header: true }).data).toHaveLength(2);
    expect(writeCsvTable([], ['a', 'b'])).toBe('\uFEFFa,b\r\n');
  });
});

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

describe('the name of a file', () => {
  it('tells what is in it in plain letters', () => {
    expect(fileName(['Été à 1/4 in', 'front', 'jig', 'a4'], '.pdf')).toBe(
      'Ete-a-1-4-in-front-jig-a4.pdf',
    );
    expect(fileName(['漢字'], '.csv')).toBe('card.csv');
    expect(fileName(['x'.repeat(300)], '.svg').length).toBeLessThan(120);
  });
});
