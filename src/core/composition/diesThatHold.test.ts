import { describe, expect, it } from 'vitest';
import { library } from '../../../test/support/plans';
import { inches } from '../length/length';
import type { Library } from '../plan/library';
import { diesThatHold } from './diesThatHold';

describe('dies that hold words', () => {
  const shaped = (outline: string, goesWith: readonly string[] = []): Library =>
    library.map((item) =>
      item.kind === 'die-set'
        ? {
            ...item,
            shape: { box: { width: 400, height: 525 }, outline },
            goesWith: goesWith as never,
          }
        : item,
    );
  const eighth = inches(0, 1, 8);
  const held = (width: number, height: number, items: Library = library) =>
    diesThatHold(items, { width: width as never, height: height as never }, eighth).map(
      ({ step, turned }) => `${step}${turned ? ' turned' : ''}`,
    );

  it('are the smallest of each set with the margin all round, turned where that helps', () => {
    // The coves are 4 x 5 1/4, 3 3/4 x 5 and 3 1/2 x 4 3/4.
    expect(held(inches(3), inches(4))).toEqual(['2']);
    expect(held(inches(3, 1, 2), inches(4))).toEqual(['1']);
    expect(held(inches(3, 1, 2), inches(2))).toEqual(['2 turned']);
    expect(held(inches(4, 1, 2), inches(3))).toEqual(['2 turned']);
    expect(held(inches(5, 1, 4), inches(1))).toEqual([]);
  });

  it('hold less where the shape is round, nothing in a window, and nothing if made for a stamp', () => {
    const oval = shaped('M0 262.5A200 262.5 0 1 1 400 262.5A200 262.5 0 1 1 0 262.5Z');
    expect(held(inches(3), inches(4), oval)).toEqual([]);
    expect(held(inches(2), inches(2), oval)).toEqual(['2']);
    const frame = shaped('M0 0H400V525H0ZM50 50H350V475H50Z');
    expect(held(inches(1), inches(1), frame)).toEqual([]);
    expect(held(inches(1), inches(1), shaped('M0 0H400V525H0Z', ['wren']))).toEqual([]);
  });
});
