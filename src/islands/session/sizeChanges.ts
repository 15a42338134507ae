import { sameSize, type Size } from '../../core/length/length';
import { asTyped } from '../../core/length/typedLength';
import type { Edit } from '../../core/plan/edit';
import { batchEdits } from '../../core/plan/batchEdits';
import type { PieceId } from '../../core/plan/ids';
import type { ResolvedCard } from '../../core/resolve/resolvedCard';
import { changePiece } from '../../core/plan/pieceEdits';

/** A piece whose size another change altered. */
export interface SizeChange {
  readonly id: PieceId;
  readonly name: string;
  readonly before: Size;
  readonly after: Size;
}

/** The pieces on both cards whose size differs, in the order of the second. */
export function sizeChanges(before: ResolvedCard, after: ResolvedCard): readonly SizeChange[] {
  return after.pieces.flatMap(({ id, name, rect }) => {
    const old = before.pieces.find((piece) => piece.id === id)?.rect;
    return old && !sameSize(old, rect) ? [{ id, name, before: old, after: rect }] : [];
  });
}

/** Gives every changed piece its former size, by measure. */
export function keepSizes(changes: readonly SizeChange[]): Edit {
  return batchEdits(
    changes.map(({ id, before }) =>
      changePiece(
        { id, kind: 'panel' },
        {
          size: { by: 'measure', width: asTyped(before.width), height: asTyped(before.height) },
        },
      ),
    ),
  );
}
