import type { Unit } from '../../../../core/length/length';
import type { Mark, PieceOf } from '../../../../core/plan/piece';
import type { ChangeOf } from '../../../../core/plan/pieceEdits';
import type { ResolvedMark } from '../../../../core/resolve/resolvedMark';

/** What the fields of a kind of mark are given. */
export interface FieldsProps<Kind extends Mark['kind']> {
  readonly mark: ResolvedMark;
  readonly piece: PieceOf<Kind>;
  readonly unit: Unit;
  readonly onChange: (change: ChangeOf<Kind>) => void;
  /** Shows a change without making it; undefined shows the piece as it is. */
  readonly preview: (change: ChangeOf<Kind> | undefined) => void;
}
