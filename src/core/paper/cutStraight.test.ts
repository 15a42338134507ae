import { describe, expect, it } from 'vitest';
import { inches, turnSize, type Size } from '../length/length';
import { cutStraight } from './cutStraight';
import { letterSheet, sheets } from './sheets';

const size = (width: Size['width'], height: Size['height']): Size => ({ width, height });

describe('cutting straight', () => {
  it('counts touching edges as fitting, and one tick more as not', () => {
    const half = size(inches(8, 1, 2), inches(5, 1, 2));
    expect(cutStraight(letterSheet.size, half)).toMatchObject({
      count: 2,
      cuts: [{ axis: 'across', at: [inches(5, 1, 2)] }],
      longestStroke: inches(8, 1, 2),
    });
    const over = size((half.width + 1) as Size['width'], (half.height + 1) as Size['height']);
    expect(cutStraight(letterSheet.size, over).count).toBe(1);
  });

  it('gives none of what is larger than the sheet, or is nothing', () => {
    expect(sheets.length).toBeGreaterThan(1);
    for (const { size: sheet } of sheets) {
      expect(cutStraight(sheet, size(inches(17), inches(17))).count).toBe(0);
      expect(cutStraight(sheet, size(inches(0), inches(1))).count).toBe(0);
    }
  });

  it('needs no cut for a piece as large as the sheet, whichever way it lies', () => {
    expect(cutStraight(letterSheet.size, turnSize(letterSheet.size))).toMatchObject({
      count: 1,
      turned: true,
      cuts: [],
      longestStroke: 0,
    });
  });

  // The slow obvious twin: try every cut position in whole eighths and count the boxes between.
  it('gives as many as laying out the pieces one by one, on every sheet', () => {
    let seen = 0;
    for (const { size: sheet } of sheets)
      for (let eighths = 5; eighths < 60; eighths += 7) {
        const piece = size(inches(0, eighths, 8), inches(0, eighths + 9, 8));
        const laid = (across: number, down: number) => {
          let count = 0;
          for (let y = down; y <= sheet.height; y += down)
            for (let x = across; x <= sheet.width; x += across) count++;
          return count;
        };
        const most = Math.max(laid(piece.width, piece.height), laid(piece.height, piece.width));
        expect(cutStraight(sheet, piece).count).toBe(most);
        seen++;
      }
    expect(seen).toBe(sheets.length * 8);
  });
});
