import { describe, expect, it } from 'vitest';
import { readGpl, writeGpl } from './gpl';

const palette = {
  name: 'Low tide',
  colours: [
    { name: 'Fjord', colour: '#5884a9' },
    { name: 'Amber 2', colour: '#e3a567' },
    { name: '', colour: '#000000' },
    { name: 'Chalk, white', colour: '#ffffff' },
  ],
};

describe('a palette as a GPL file', () => {
  it('comes in as it went out', () => {
    const text = writeGpl(palette);
    expect(readGpl(text)).toEqual({ ok: true, palette, issues: [] });
    const again = readGpl(text);
    expect(again.ok && writeGpl(again.palette)).toBe(text);
  });

  it('is written as the format says: a head, then three channels and a name', () => {
    expect(writeGpl(palette).split('\n').slice(0, 6)).toEqual([
      'GIMP Palette',
      'Name: Low tide',
      'Columns: 0',
      '#',
      ' 88 132 169\tFjord',
      '227 165 103\tAmber 2',
    ]);
  });

  it('is read from other programs too: tabs, comments, no head but the first line, and line ends of any sort', () => {
    const text =
      '\uFEFFGIMP Palette\r\n# made elsewhere\r\n\r\n0\t0\t0\tBlack ink\r\n255 255 255\r\n';
    expect(readGpl(text)).toEqual({
      ok: true,
      palette: {
        name: '',
        colours: [
          { name: 'Black ink', colour: '#000000' },
          { name: '', colour: '#ffffff' },
        ],
      },
      issues: [],
    });
  });

  it('tells lines that are no colour, and files that are no palette', () => {
    const read = readGpl('GIMP Palette\n300 0 0 Too red\nteal\n1 2 3 Good');
    expect(read).toMatchObject({
      ok: true,
      issues: [
        { line: 2, code: 'out-of-range' },
        { line: 3, code: 'no-colour' },
      ],
    });
    expect(readGpl('name,colour')).toEqual({ ok: false, code: 'no-palette' });
    const many = `GIMP Palette\n${'1 2 3\n'.repeat(1001)}`;
    expect(readGpl(many)).toEqual({ ok: false, code: 'too-many' });
  });
});
