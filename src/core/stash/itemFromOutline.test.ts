import { describe, expect, it } from 'vitest';
import { typed } from '../../../test/support/plans';
import type { LibraryId } from '../plan/ids';
import { itemFields } from './itemFields';
import { heightOf, itemFromOutline, outlineKinds } from './itemFromOutline';

const draft = {
  id: 'leaf' as LibraryId,
  name: ' Leaf ',
  shape: { box: { width: 20, height: 10 }, outline: 'M0 0H20V10H0Z' },
  size: { width: typed('2'), height: typed('1') },
};

describe('an item from an outline', () => {
  it.each(outlineKinds)('is a %s as large as it was said to be', (kind) => {
    const made = itemFromOutline(kind, draft);
    if (!made.ok) throw new Error(made.reason);
    expect(made.item).toMatchObject({ kind, id: 'leaf', version: 1, name: 'Leaf' });
    const size = itemFields[kind].find(({ key }) => key === 'size' || key === 'steps');
    expect(size?.read(made.item)).toBe('2 x 1 in');
  });

  it('keeps the proportions of its drawing at the width that is typed', () => {
    expect(heightOf(draft.shape, typed('2').ticks)).toBe(typed('1').ticks);
    expect(heightOf({ ...draft.shape, box: { width: 3, height: 1 } }, typed('1').ticks)).toBe(
      135_467,
    );
  });

  it('without a name is refused with a reason', () => {
    expect(itemFromOutline('stencil', { ...draft, name: ' ' }).ok).toBe(false);
  });

  it('as a stencil is one picture until it is said how it repeats', () => {
    const made = itemFromOutline('stencil', draft);
    const repeat = itemFields.stencil.find(({ key }) => key === 'repeat');
    if (!made.ok || !repeat) throw new Error('expected a stencil');
    expect(repeat.read(made.item)).toBe('');
    const written = [
      ['1/2 x 1 in', { kind: 'grid', across: { ticks: 203200 }, down: { ticks: 406400 } }],
      ['1/2 in stripes at -45', { kind: 'stripes', pitch: { ticks: 203200 }, slope: -45 }],
      ['12 mm stripes', { kind: 'stripes', pitch: { ticks: 192000 }, slope: 0 }],
      ['', { kind: 'single' }],
    ] as const;
    for (const [text, value] of written)
      expect(repeat.write(text, 'in')).toMatchObject({ ok: true, change: { repeat: value } });
    expect(repeat.write('now and then', 'in').ok).toBe(false);
    expect(repeat.write('1 in stripes at 120', 'in').ok).toBe(false);
  });
});
