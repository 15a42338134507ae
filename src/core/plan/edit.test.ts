import { describe, expect, it } from 'vitest';
import { chalk, layersIn } from '../../../test/support/plans';
import { editSchema, type SimpleEdit } from './edit';
import { changePiece } from './pieceEdits';
import { id } from '../../../test/support/edits';
import { plainStop } from './plainColours';

describe('the edit schema', () => {
  it('takes no batch in a batch, no unknown kind and no unknown key', () => {
    const batch = { kind: 'batch', edits: [] };
    expect(editSchema.safeParse(batch).success).toBe(true);
    expect(editSchema.safeParse({ kind: 'batch', edits: [batch] }).success).toBe(false);
    expect(editSchema.safeParse({ kind: 'explode' }).success).toBe(false);
    expect(editSchema.safeParse({ kind: 'set-base', change: { flod: 'side' } }).success).toBe(
      false,
    );
    const stock = { kind: 'set-base', change: { stock: { ...chalk, version: 0 } } };
    expect(editSchema.safeParse(stock).success).toBe(false);
  });

  it('takes of a change what a piece of its kind has, and no more', () => {
    const takes = (edit: SimpleEdit) => editSchema.safeParse(edit).success;
    const image = { id: id('wren'), kind: 'image' } as const;
    const stencil = { id: id('drizzle'), kind: 'stencil' } as const;
    const layers = (count: number) => layersIn(...Array.from({ length: count }, () => '#5c2e4b'));
    const inks = (count: number) =>
      Array.from({ length: count }, () => [plainStop({ wish: '#5c2e4b' })]);
    expect(takes(changePiece(image, { layers: layers(12) }))).toBe(true);
    expect(takes(changePiece(image, { layers: layers(13) }))).toBe(false);
    expect(takes(changePiece(stencil, { layers: inks(6) }))).toBe(true);
    expect(takes(changePiece(stencil, { layers: inks(7) }))).toBe(false);
    const panel = { id: id('top'), kind: 'panel' } as const;
    expect(takes(changePiece(panel, { lines: ['hello'] } as never))).toBe(false);
    expect(takes(changePiece(panel, { kind: 'image' } as never))).toBe(false);
  });
});
