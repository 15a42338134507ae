import { describe, expect, it } from 'vitest';
import { printAt } from '../../../test/support/prints';
import { relate, type Decision, type School } from './relation';
import type { Print } from './print';

const outline = printAt('outline', 0, 0);
const other = printAt('other', 0, 0);
const dark = printAt('dark', 0, 0, { kind: 'solid', darkest: 15, lightest: 20 });
const light = printAt('light', 0, 0, { kind: 'solid', darkest: 70, lightest: 80 });
const pale = printAt('pale', 0, 0, { kind: 'texture', darkest: 88, lightest: 88 });
const words = printAt('words', 0, 0, { kind: 'words' });
const sky = printAt('sky', 0, 0, { kind: 'ground', darkest: 80, lightest: 90 });
const mist = printAt('mist', 0, 0, { kind: 'late ground', darkest: 85, lightest: 90 });
const background = printAt('background', 0, 0, { kind: 'background', darkest: 40, lightest: 40 });
const embossed = printAt('embossed', 0, 0, { resists: true });

/** `first>then`, with what covers and why; `cross` where they may. */
const told = (
  behind: Print,
  front: Print,
  decided?: Decision,
  {
    acceptsOverlaps = false,
    wordsStamped = 'as-listed',
    keepsGroundsOff = false,
  }: Partial<School> = {},
) => {
  const relation = relate(behind, front, decided, {
    acceptsOverlaps,
    wordsStamped,
    keepsGroundsOff,
  });
  if (!relation) return 'cross';
  const { first, then, isCovered, isFree, because } = relation;
  return `${first.id}>${then.id}${isCovered ? ' covered' : ''}${isFree ? ' free' : ''} ${because}`;
};

describe('which of two prints that meet comes first', () => {
  // Common practice: what is in front is stamped first and masked; dark solids go last; pale texture goes over everything.
  it.each([
    ['see-through lines in front', other, outline, 'outline>other covered free in-front'],
    ['a dark solid over a light one', light, dark, 'light>dark under-dark'],
    ['a light solid over a dark one', dark, light, 'light>dark covered free in-front'],
    ['a dark solid over outline lines', other, dark, 'dark>other covered free in-front'],
    ['a pale texture in front', outline, pale, 'outline>pale pale-late'],
    ['a pale texture behind', pale, outline, 'outline>pale pale-late'],
    ['dark words over a light solid', light, words, 'light>words under-dark'],
    ['words over outline lines', other, words, 'words>other covered free in-front'],
    ['an image over words', words, outline, 'outline>words covered free in-front'],
    ['a print on a ground', sky, outline, 'sky>outline on-ground'],
    ['a ground over a print', outline, mist, 'outline>mist ground-over'],
    ['a ground over embossed lines', embossed, mist, 'embossed>mist resists'],
    ['two grounds', sky, mist, 'sky>mist grounds'],
    [
      'a background print behind',
      background,
      outline,
      'outline>background covered before-background',
    ],
  ])('%s', (_, behind, front, wanted) => {
    expect(told(behind, front)).toBe(wanted);
  });

  it('opaque ink hides what is under it, but words are covered from it', () => {
    const white = { ...pale, isOpaque: true };
    expect(told(words, white)).toBe('words>pale covered words');
    expect(told(dark, { ...light, isOpaque: true })).toBe('dark>light under-opaque');
    expect(told(words, { ...light, isOpaque: true })).toBe('light>words covered free in-front');
  });

  it('is as the designer decided, and then what it is made of decides no more', () => {
    expect(told(other, outline, 'other')).toBe('other>outline covered turned');
    expect(told(other, outline, 'outline')).toBe('outline>other covered in-front');
    expect(told(other, outline, null)).toBe('cross');
    expect(told(light, dark, 'dark')).toBe('dark>light covered turned');
    expect(told(pale, outline, 'pale')).toBe('pale>outline turned');
    expect(told(sky, outline, 'outline')).toBe('outline>sky covered kept-off');
    expect(told(outline, mist, 'outline')).toBe('outline>mist covered kept-off');
    expect(told(outline, mist, 'mist')).toBe('mist>outline on-ground');
    expect(told(background, outline, 'background')).toBe('background>outline covered turned');
  });

  it('is free to cross for those who never mask, but for what is fixed by kind', () => {
    const crossing = { acceptsOverlaps: true };
    expect(told(other, outline, undefined, crossing)).toBe('cross');
    expect(told(other, outline, 'outline', crossing)).toBe('outline>other covered in-front');
    expect(told(light, dark, undefined, crossing)).toBe('light>dark under-dark');
    expect(told(sky, outline, undefined, crossing)).toBe('sky>outline on-ground');
  });

  // Common practice: words first where images go round them, images first where words fill what is left; grounds laid
  // before images are stamped, or over images under masks.
  it('is by the school of the house where nothing was decided', () => {
    const first = { wordsStamped: 'first' } as const;
    const last = { wordsStamped: 'last' } as const;
    expect(told(words, outline, undefined, first)).toBe('words>outline covered free words-school');
    expect(told(outline, words, undefined, first)).toBe('words>outline covered free in-front');
    expect(told(outline, words, undefined, last)).toBe('outline>words covered free words-school');
    expect(told(other, outline, undefined, last)).toBe('outline>other covered free in-front');
    expect(told(light, words, undefined, first)).toBe('light>words under-dark');
    expect(told(words, outline, 'outline', first)).toBe('outline>words covered in-front');
    const kept = { keepsGroundsOff: true };
    expect(told(sky, outline, undefined, kept)).toBe('outline>sky covered kept-off');
    expect(told(outline, mist, undefined, kept)).toBe('outline>mist covered kept-off');
    expect(told(sky, outline, 'sky', kept)).toBe('sky>outline on-ground');
    expect(told(sky, words, undefined, kept)).toBe('sky>words on-ground');
    expect(told(sky, mist, undefined, kept)).toBe('sky>mist grounds');
  });
});
