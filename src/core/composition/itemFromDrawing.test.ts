import { describe, expect, it } from 'vitest';
import { typed } from '../../../test/support/plans';
import type { LibraryId } from '../plan/ids';
import { itemFields } from '../stash/itemFields';
import { readSvgDrawing } from '../svg/readSvgDrawing';
import { drawingLayers } from './drawingLayers';
import { heightOf, itemFromDrawing } from './itemFromDrawing';

const draft = {
  id: 'leaf' as LibraryId,
  name: ' Leaf ',
  drawing: {
    box: { width: 20, height: 10 },
    outline: 'M0 0H20V10H0Z',
    shapes: [],
    size: undefined,
    closed: 0,
  },
  size: { width: typed('2'), height: typed('1') },
};

describe('an item from a drawing', () => {
  it.each(['die-set', 'stencil'] as const)('is a %s as large as it was said to be', (kind) => {
    const made = itemFromDrawing({ kind }, draft);
    if (!made.ok) throw new Error(made.reason);
    expect(made.item).toMatchObject({ kind, id: 'leaf', version: 1, name: 'Leaf' });
    const size = itemFields[kind].find(({ key }) => key === 'size' || key === 'steps');
    expect(size?.read(made.item)).toBe('2 x 1 in');
  });

  it('keeps the proportions of its drawing at the width that is typed', () => {
    expect(heightOf(draft.drawing, typed('2').ticks)).toBe(typed('1').ticks);
    expect(heightOf({ ...draft.drawing, box: { width: 3, height: 1 } }, typed('1').ticks)).toBe(
      135_467,
    );
  });

  it('without a name is refused with a reason', () => {
    expect(itemFromDrawing({ kind: 'stencil' }, { ...draft, name: ' ' }).ok).toBe(false);
  });

  it('as a stencil is one picture until it is said how it repeats', () => {
    const made = itemFromDrawing({ kind: 'stencil' }, draft);
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

  const read = (inner: string) => {
    const result = readSvgDrawing(
      `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100">${inner}</svg>`,
    );
    if (!result.ok) throw new Error(result.issue.code);
    return result.drawing;
  };
  const stampOf = (inner: string, by: 'groups' | 'colours') => {
    const drawing = read(inner);
    const layers = drawingLayers(drawing, by);
    const made = itemFromDrawing(
      { kind: 'stamp', stamp: 'layering', layers },
      { ...draft, drawing },
    );
    if (!made.ok || made.item.kind !== 'stamp') throw new Error('expected a stamp');
    return made.item;
  };
  const house =
    '<g id="walls"><path fill="#c0b090" d="M0 40h100v60H0z"/></g>' +
    '<g id="roof" fill="#704030"><path d="M0 40L50 0l50 40z"/></g>' +
    '<g id="lines" fill="none" stroke="#111111" stroke-width="2"><path d="M20 60h20v20H20z"/><path d="M60 50v40"/></g>';

  it('as a stamp keeps the layers its groups make, lines as lines', () => {
    const { layers, shape } = stampOf(house, 'groups');
    expect(layers.map(({ name, colour, lineWidth }) => [name, colour, lineWidth])).toEqual([
      ['walls', '#c0b090', 0],
      ['roof', '#704030', 0],
      ['lines', '#111111', 20],
    ]);
    // One body, without windows where the lines close something.
    expect(shape.outline.match(/M/g)).toHaveLength(1);
  });

  it('as a stamp takes colours for layers where the drawing has no groups', () => {
    const { layers } = stampOf(
      '<path fill="#f00" d="M0 0h9v9H0z"/><path d="M20 0h9v9h-9z"/><path fill="red" d="M40 0h9v9h-9z"/>',
      'colours',
    );
    expect(layers.map(({ colour }) => colour)).toEqual(['#ff0000', '#000000']);
  });

  it('as a stamp of lines alone covers what they close, and the lines', () => {
    const { shape } = stampOf(
      '<path fill="none" stroke="#000" stroke-width="4" d="M10 10h40v40h-40zM20 20h5v5h-5z"/><path fill="none" stroke="#000" d="M60 20H100"/>',
      'colours',
    );
    expect(shape.outline.match(/M/g)).toHaveLength(2);
  });
});
