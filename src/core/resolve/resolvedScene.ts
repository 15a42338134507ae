import type { Strip } from '../arrangement/stripsOf';
import type { Polygon } from '../geometry/flattenPath';
import type { Outline } from '../outline/outline';
import type { FaceId } from '../plan/faces';
import type { PieceId } from '../plan/ids';
import type { SupportId } from './origins';

/** The names of the highest strip and of the disc; every other strip goes by the line it lies below. */
export const topStrip = 'top';
export const discStrip = 'disc';

/** A strip of a scene with its name. */
export interface ResolvedStrip extends Strip {
  readonly id: string;
}

/** A scene with its figures, in ticks on its face. */
export interface ResolvedScene {
  readonly id: PieceId;
  readonly name: string;
  readonly face: FaceId;
  readonly support: SupportId;
  readonly paper: Outline;
  /** From the top, those that can be drawn: the edge of something may be gone. */
  readonly lines: readonly { readonly id: PieceId; readonly line: Polygon }[];
  /** From the top, the disc after them; a strip may have no area. */
  readonly strips: readonly ResolvedStrip[];
  /** The marks on its paper that are inked in some of its strips, from the lowest. */
  readonly inked: readonly { readonly mark: PieceId; readonly strips: readonly string[] }[];
  /** Which are open together, turn by turn, where that was set by hand. */
  readonly turns: readonly (readonly string[])[] | null;
}
