import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
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
